import postgres from 'postgres';
import type { TestProject } from 'vitest/node';
import { migrate } from '../../scripts/migrate.mjs';

declare module 'vitest' {
  interface ProvidedContext {
    adminUrl: string;
    template: string;
  }
}

/** One migrated template database per run; every test file works in a copy of it. */
export default async function setup(project: TestProject) {
  const adminUrl = process.env.DATABASE_URL;
  if (!adminUrl) throw new Error('DATABASE_URL is not set; bin/test sets it, or: DATABASE_URL=$(scripts/pg.sh start)');
  const template = `t_template_${process.pid}`;
  const admin = postgres(adminUrl, { max: 1, onnotice: () => {} });
  await admin.unsafe(`create database ${template}`);
  const url = new URL(adminUrl);
  url.pathname = `/${template}`;
  await migrate(url.href);
  project.provide('adminUrl', adminUrl);
  project.provide('template', template);
  return async () => {
    await admin.unsafe(`drop database if exists ${template} with (force)`);
    await admin.end();
  };
}
