import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { dumpSchema } from '../../scripts/dumpSchema.mjs';
import { migrate } from '../../scripts/migrate.mjs';
import { emptyTree } from '@/core/tree';
import { claimDemo, getGym } from '@/server/services/gym';
import { createTree } from '@/server/services/trees';
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
    expect(rows.length).toBeGreaterThanOrEqual(6);
    expect(rows.every((row) => row.first === 'gym_id')).toBe(true);
  });
  it('names every constraint that refuses', async () => {
    const { db, gymId } = context;
    await createTree(db, gymId, emptyTree('t', 'T'));
    const refused = (statement: Promise<unknown>) => statement.then(() => null, (error: { constraint_name: string }) => error.constraint_name); // prettier-ignore
    expect(await refused(db`insert into trees (gym_id, tree_id, name, owner, header) values (${gymId}, 'x', ' ', 'passer', '{}')`)).toBe(
      'trees_name_filled',
    );
    expect(await refused(db`insert into trees (gym_id, tree_id, name, owner, header) values (${gymId}, 'x', 'X', 'nobody', '{}')`)).toBe(
      'trees_owner_known',
    );
    expect(
      await refused(
        db`insert into positions (gym_id, tree_id, position_id, ordinal, name, family, body) values (${gymId}, 't', 'p', 0, 'P', 'open', '{"id":"q"}')`,
      ),
    ).toBe('positions_body_same_id');
    expect(
      await refused(db`insert into transitions (gym_id, tree_id, transition_id, ordinal, from_position, to_position, actor, name, body)
        values (${gymId}, 't', 'm', 0, 'none', 'none', 'owner', 'M', '{"id":"m"}')`),
    ).toBe('transitions_from_fkey');
  });
  it('lets the demo be loaded once', async () => {
    const gym = await getGym(context.db);
    expect(await Promise.all([claimDemo(context.db, gym.gymId), claimDemo(context.db, gym.gymId)])).toEqual(
      expect.arrayContaining([true, false]),
    );
    expect(await claimDemo(context.db, gym.gymId)).toBe(false);
  });
});
