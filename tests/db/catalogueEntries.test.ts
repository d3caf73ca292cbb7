import { describe, expect, it } from 'vitest';
import type { GymEntry } from '@/core/catalogue';
import { position } from '../support/smallTree';
import { insertGym } from '@/server/queries/gyms';
import { editGymEntries, findGymEntries } from '@/server/services/catalogueEntries';
import { testDb } from './testDb';

const context = testDb('catalogue');
const named = (id: string, name: string): GymEntry => ({ kind: 'changedPosition', id, change: { name } });
const own: Extract<GymEntry, { kind: 'position' }> = {
  kind: 'position',
  id: 'own-kelp-guard',
  position: {
    ...position('own-kelp-guard', { name: 'Kelp guard', family: 'open' }),
    stance: 'standing',
    distance: 'far',
    legRelation: 'tangled',
  },
  signs: ['legs-open'],
  feeder: 'arms loose',
};

describe('a gym’s catalogue entries', () => {
  it('are kept for this gym alone, replaced by the newer one, and taken back', async () => {
    const { db, gymId } = context;
    const other = (await insertGym(db, 'Other')).gymId;
    expect(await editGymEntries(db, gymId, { put: [named('spider', 'Weaver'), own], remove: [] })).toMatchObject({ ok: true });
    expect(await editGymEntries(db, gymId, { put: [named('spider', 'Both biceps')], remove: [] })).toMatchObject({ ok: true });
    expect(await findGymEntries(db, gymId)).toEqual([named('spider', 'Both biceps'), own]);
    expect(await findGymEntries(db, other)).toEqual([]);
    const { ok, value } = (await editGymEntries(db, gymId, { put: [], remove: [{ kind: 'changedPosition', id: 'spider' }] })) as { ok: boolean; value: GymEntry[] }; // prettier-ignore
    expect([ok, value]).toEqual([true, [own]]);
  });
  it('refuse two entries of one name, entries on nothing, and ways to nowhere, with sentences; nothing is half-stored', async () => {
    const { db, gymId } = context;
    const before = await findGymEntries(db, gymId);
    const problems = async (put: GymEntry[]): Promise<string> => {
      const edited = await editGymEntries(db, gymId, { put, remove: [] });
      return edited.ok ? '' : edited.error.join(' ');
    };
    expect(await problems([named('lasso', 'Fine'), named('spider', 'Kelp guard')])).toContain(
      '“kelp guard” would be the name of two entries',
    );
    expect(await problems([named('no-such-entry', 'X')])).toContain('no entry “no-such-entry”');
    const way: GymEntry = { kind: 'transition', id: 'w', feeder: '', transition: { id: 'w', from: 'own-kelp-guard', to: 'nowhere', actor: 'owner', name: 'wade', kind: 'pass' } }; // prettier-ignore
    expect(await problems([way])).toContain('“w”');
    expect(await problems([{ ...own, id: 'own-other' } as GymEntry])).toContain('holds a record of another id');
    const spider: GymEntry = { ...own, id: 'spider', position: { ...own.position, id: 'spider', name: 'Mine' } };
    expect(await problems([spider])).toContain('“spider” is an entry of the shipped catalogue');
    expect(await findGymEntries(db, gymId)).toEqual(before);
  });
  it('two edits at once cannot give one name to two entries', async () => {
    const { db, gymId } = context;
    const done = await Promise.all(['lasso', 'spider'].map((id) => editGymEntries(db, gymId, { put: [named(id, 'Reef')], remove: [] })));
    expect(done.filter((item) => item.ok)).toHaveLength(1);
  });
});
