import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { dumpSchema } from '../../scripts/dumpSchema.mjs';
import { migrate } from '../../scripts/migrate.mjs';
import { emptyTree } from '@/core/tree';
import { insertFacts, manyFacts } from '@/server/queries/facts';
import { localContext } from '@/server/services/context';
import { claimDemo } from '@/server/services/demo';
import { storeTree } from '@/server/services/trees';
import { testDb } from './testDb';

const context = testDb('schema');

describe('the schema', () => {
  it('is what db/schema.sql says (npm run schema writes it anew)', () => {
    expect(dumpSchema(context.url)).toBe(readFileSync('db/schema.sql', 'utf8'));
  });
  it('migrates once, however often and by however many at once', async () => {
    expect((await Promise.all([1, 2, 3].map(() => migrate(context.url)))).flat()).toEqual([]);
  });
  it('carries the gym first in the key of every table that belongs to one', async () => {
    const rows = await context.db<{ table: string; first: string }[]>`
      select c.relname as table, (select attname from pg_attribute where attrelid = c.oid and attnum = i.indkey[0]) as first
      from pg_index i join pg_class c on c.oid = i.indrelid join pg_namespace n on n.oid = c.relnamespace
      where i.indisprimary and n.nspname = 'public' and c.relname <> 'schema_migrations'`;
    expect(rows.length).toBeGreaterThanOrEqual(5);
    expect(rows.every((row) => row.first === 'gym_id')).toBe(true);
  });
  it('names every constraint that refuses', async () => {
    const { db, gymId } = context;
    await storeTree(context, emptyTree('t', 'T'));
    const refused = (statement: Promise<unknown>) =>
      statement.then(
        () => null,
        (error: { constraint_name: string }) => error.constraint_name,
      );
    const insert = (kind: string, id: string, name: string, body: object, revision = 1) =>
      refused(
        db`insert into documents (gym_id, kind, document_id, form, revision, name, body) values (${gymId}, ${kind}, ${id}, 1, ${revision}, ${name}, ${db.json(body as never)})`,
      );
    expect(await insert('tree', 'x', ' ', { id: 'x' })).toBe('documents_name_filled');
    expect(await insert('no kind', 'x', 'X', { id: 'x' })).toBe('documents_kind_is_a_word');
    expect(await insert('tree', 'x', 'X', { id: 'y' })).toBe('documents_body_same_id');
    expect(await insert('tree', 'x', 'X', { id: 'x' }, 0)).toBe('documents_revision_positive');
    const row = (id: string, body: object) =>
      refused(
        db`insert into document_rows (gym_id, kind, document_id, list, row_id, ordinal, body) values (${gymId}, 'tree', ${id}, 'positions', 'p', 0, ${db.json(body as never)})`,
      );
    expect(await row('t', { id: 'q' })).toBe('document_rows_body_same_id');
    expect(await row('nowhere', { id: 'p' })).toBe('document_rows_document_fkey');
  });
  it('keeps a fact as it was first told, however often it comes', async () => {
    const { db, gymId } = context;
    const fact = { id: crypto.randomUUID(), body: { who: 'pia-holm', ends: 'settled' } };
    const told = await Promise.all([1, 2, 3].map(() => insertFacts(db, gymId, 'round', [fact], 'Ilse')));
    expect(told.reduce((sum, count) => sum + count, 0)).toBe(1);
    expect(await insertFacts(db, gymId, 'round', [{ ...fact, body: { who: 'somebody else' } }], null)).toBe(0);
    expect(await manyFacts(db, gymId, 'round')).toMatchObject([{ ...fact, madeBy: 'Ilse' }]);
    const change = db`update facts set body = '{}' where gym_id = ${gymId}`;
    expect(
      await change.then(
        () => null,
        (error: { constraint_name: string }) => error.constraint_name,
      ),
    ).toBe('facts_never_change');
  });
  it('lets the demo be loaded once', async () => {
    const home = await localContext(context.db, null);
    expect(await claimDemo(home, true)).toBe('unwanted');
    expect(await Promise.all([claimDemo(home, false), claimDemo(home, false)])).toEqual(expect.arrayContaining(['mine', 'there']));
    expect(await claimDemo(home, false)).toBe('there');
    expect(await claimDemo(home, true)).toBe('there');
  });
});
