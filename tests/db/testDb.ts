import { afterAll, beforeAll, inject } from 'vitest';
import postgres from 'postgres';
import { connect, type Db } from '@/server/db/client';
import { insertGym } from '@/server/queries/gyms';

/** A context as services take it, and the address of its database. */
export interface TestDb {
  db: Db;
  url: string;
  gymId: string;
  member: string | null;
}

/** A database of the test file's own, copied from the migrated template and dropped afterwards. */
export function testDb(name: string): TestDb {
  const context = { member: null } as TestDb;
  const adminUrl = inject('adminUrl');
  const database = `t_${name}_${process.pid}`;
  const asAdmin = async (statement: string) => {
    const admin = postgres(adminUrl, { max: 1, onnotice: () => {} });
    await admin.unsafe(statement);
    await admin.end();
  };
  beforeAll(async () => {
    await asAdmin(`create database ${database} template ${inject('template')}`);
    const url = new URL(adminUrl);
    url.pathname = `/${database}`;
    context.url = url.href;
    context.db = connect(url.href, 4);
    context.gymId = (await insertGym(context.db, 'Test gym')).gymId;
  });
  afterAll(async () => {
    await context.db.end({ timeout: 2 });
    await asAdmin(`drop database if exists ${database} with (force)`);
  });
  return context;
}
