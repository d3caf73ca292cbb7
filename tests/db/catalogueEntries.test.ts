import { describe, expect, it } from 'vitest';
import { emptyWords, entriesOf, WORDS_ID, withEntryEdit, type GymEntry, type GymEntryEdit, type GymsWords } from '@/core/catalogue';
import type { AnyDocument } from '@/documents';
import { position } from '../support/smallTree';
import { insertGym } from '@/server/queries/gyms';
import { createDocument } from '@/server/services/documents';
import { findDocument, saveEdits } from '@/server/services/store';
import { editBetween } from '@/server/services/writing';
import { testDb } from './testDb';

const context = testDb('catalogue');
const findGymEntries = async (gymId: string): Promise<GymEntry[]> => {
  const found = await findDocument({ ...context, gymId }, 'catalogueWords', WORDS_ID);
  return found ? entriesOf(found.document as unknown as GymsWords) : [];
};
/** As a window does it: an edit of the gym's one document of words, made where there is none yet. */
async function editGymEntries(edit: GymEntryEdit): Promise<{ ok: true; value: GymEntry[] } | { ok: false; error: readonly string[] }> {
  await createDocument(context, 'catalogueWords', emptyWords(), '6f4f2f5e-6b1f-4a43-9c9b-6d1b0a7f0c11');
  const { document, revision } = (await findDocument(context, 'catalogueWords', WORDS_ID))!;
  const next = withEntryEdit(document as unknown as GymsWords, edit) as unknown as AnyDocument;
  const saved = await saveEdits(context, 'catalogueWords', WORDS_ID, {
    baseRevision: revision,
    edits: [editBetween('catalogueWords', document, next, 'words')],
  });
  if (!saved.ok) return { ok: false, error: saved.error.problems };
  return saved.value.saved ? { ok: true, value: await findGymEntries(context.gymId) } : { ok: false, error: ['stale'] };
}
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
    expect(await editGymEntries({ put: [named('spider', 'Weaver'), own], remove: [] })).toMatchObject({ ok: true });
    expect(await editGymEntries({ put: [named('spider', 'Both biceps')], remove: [] })).toMatchObject({ ok: true });
    expect(await findGymEntries(gymId)).toEqual([named('spider', 'Both biceps'), own]);
    expect(await findGymEntries(other)).toEqual([]);
    const { ok, value } = (await editGymEntries({ put: [], remove: [{ kind: 'changedPosition', id: 'spider' }] })) as {
      ok: boolean;
      value: GymEntry[];
    };
    expect([ok, value]).toEqual([true, [own]]);
  });
  it('refuse two entries of one name, entries on nothing, and ways to nowhere, with sentences; nothing is half-stored', async () => {
    const { gymId } = context;
    const before = await findGymEntries(gymId);
    const problems = async (put: GymEntry[]): Promise<string> => {
      const edited = await editGymEntries({ put, remove: [] });
      return edited.ok ? '' : edited.error.join(' ');
    };
    expect(await problems([named('lasso', 'Fine'), named('spider', 'Kelp guard')])).toContain(
      '“kelp guard” would be the name of two entries',
    );
    expect(await problems([named('no-such-entry', 'X')])).toContain('no entry “no-such-entry”');
    const way: GymEntry = {
      kind: 'transition',
      id: 'w',
      feeder: '',
      transition: { id: 'w', from: 'own-kelp-guard', to: 'nowhere', actor: 'owner', name: 'wade', kind: 'pass' },
    };
    expect(await problems([way])).toContain('“w”');
    expect(await problems([{ ...own, id: 'own-other' } as GymEntry])).toContain('holds a record of another id');
    const spider: GymEntry = { ...own, id: 'spider', position: { ...own.position, id: 'spider', name: 'Mine' } };
    expect(await problems([spider])).toContain('“spider” is an entry of the shipped catalogue');
    expect(await findGymEntries(gymId)).toEqual(before);
  });
  it('two edits at once cannot give one name to two entries', async () => {
    const done = await Promise.all(['lasso', 'spider'].map((id) => editGymEntries({ put: [named(id, 'Reef')], remove: [] })));
    expect(done.filter((item) => item.ok)).toHaveLength(1);
  });
});
