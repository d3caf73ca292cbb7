import { describe, expect, it } from 'vitest';
import { getClasses } from '@/server/services/classes/classes';
import { addHeld } from '@/server/services/classes/held';
import { createDocument } from '@/server/services/documents';
import { getSettings, findSettings } from '@/server/services/settings';
import { saveEdits, setDeleted } from '@/server/services/store';
import { storeTree } from '@/server/services/trees';
import { findWeek } from '@/server/services/week';
import { editBetween } from '@/server/services/writing';
import { demoHeld } from '../../demo/demoPeople';
import { demoTree } from '../../demo/demoTree';
import { testDb } from './testDb';

const context = testDb('settings');
const TODAY = '2026-11-27';
const tree = demoTree();

const settle = async (patch: object) => {
  const { document, revision } = await getSettings(context);
  const edit = editBetween('settings', { ...document }, { ...document, ...patch }, 'our gym');
  return saveEdits(context, 'settings', 'settings', { baseRevision: revision, edits: [edit] });
};

describe('what a gym has settled', () => {
  it('is there once, however many ask for it at once, and comes back when it was taken away', async () => {
    expect(await findSettings(context)).toEqual({ id: 'settings', name: 'Our gym' });
    const all = await Promise.all([1, 2, 3].map(() => getSettings(context)));
    expect(all.map(({ revision }) => revision)).toEqual([1, 1, 1]);
    await setDeleted(context, 'settings', 'settings', true);
    expect((await findSettings(context)).name).toBe('Our gym');
    expect((await getSettings(context)).document.id).toBe('settings');
    expect((await createDocument(context, 'settings', { id: 'another', name: 'x' }, null)).ok).toBe(false);
  });
  it('what is out of range is refused, and nothing is kept of it', async () => {
    expect((await settle({ halfLifeDays: 0 })).ok).toBe(false);
    expect((await findSettings(context)).halfLifeDays).toBeUndefined();
  });
  it('counts in what is stale, and new classes begin with its minutes', async () => {
    await storeTree(context, tree);
    for (const held of demoHeld(tree, TODAY)) await addHeld(context, tree.id, held);
    const before = (await findWeek(context, TODAY))!.stale;
    await settle({ halfLifeDays: 200, swapMinutes: 0.5 });
    const after = (await findWeek(context, TODAY))!.stale;
    expect([before.length > 0, after.length]).toEqual([true, 0]);
    expect((await getClasses(context, tree))[0]!.plan).toMatchObject({ swapMinutes: 0.5, changeOverMinutes: 0 });
  });
});
