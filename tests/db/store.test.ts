import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatTreeFile, TREE_FILE_MAX_BYTES } from '@/core/notation';
import { diffOf, emptyTree, withNewGuard, withPosition, type TreeDocument } from '@/core/tree';
import { parseTreeFile } from '@/documents/tree/file';
import { createDocument } from '@/server/services/documents';
import { changesSince, findDocument, saveEdits, setDeleted } from '@/server/services/store';
import { findTreeFile } from '@/server/services/files/treeFiles';
import { findTree, importTree, storeTree } from '@/server/services/trees';
import { demoTree } from '../../demo/demoTree';
import { randomTree } from '../support/randomTree';
import { testDb } from './testDb';

const context = testDb('store');
const read = (text: string): TreeDocument => {
  const parsed = parseTreeFile(text);
  if (!parsed.ok) throw new Error(parsed.error.join(' '));
  return parsed.value;
};
const save = (id: string, baseRevision: number, before: TreeDocument, after: TreeDocument) =>
  saveEdits(context, 'tree', id, { baseRevision, edits: [{ id: crypto.randomUUID(), diff: diffOf(before, after, 'edit') }] });

describe('files and the store', () => {
  it('what is exported and taken in as the next revision changes nothing', async () => {
    await fc.assert(
      fc.asyncProperty(fc.integer({ min: 1, max: 1e6 }), async (seed) => {
        const { treeId } = await storeTree(context, { ...randomTree(seed, { positions: 8, transitions: 20 }), id: `export-${seed}` });
        const file = (await findTreeFile(context, treeId))!;
        expect(await importTree(context, read(file), 'replace')).toEqual({ ok: true, value: { treeId, notes: [] } });
        expect((await findTree(context, treeId))!.revision).toBe(1);
        expect(await findTreeFile(context, treeId)).toBe(file);
      }),
      { numRuns: 25, seed: 2 },
    );
  });
  it('a re-ordered file is a revision, and read back in its order', async () => {
    const { treeId } = await storeTree(context, { ...demoTree(), id: 'turned' });
    const tree = read((await findTreeFile(context, treeId))!);
    const turned = { ...tree, positions: tree.positions.toReversed(), transitions: tree.transitions.toReversed() };
    expect(await importTree(context, turned, 'replace')).toMatchObject({ ok: true });
    const now = (await findTree(context, treeId))!;
    expect(now.revision).toBe(2);
    expect(now.tree.positions.map((position) => position.id)).toEqual(turned.positions.map((position) => position.id));
  });
  it('the same file taken in eight times at once becomes eight trees', async () => {
    const tree = withNewGuard(emptyTree('eight', 'Eight'), 'Half').tree;
    const taken = await Promise.all(Array.from({ length: 8 }, () => importTree(context, tree, 'copy')));
    const ids = taken.map((item) => (item.ok ? item.value.treeId : 'refused'));
    expect(new Set(ids).size).toBe(8);
    expect(ids).not.toContain('refused');
  });
  it('a person of the same id with other words becomes a copy, which the tree then names, and that is said', async () => {
    const person = (name: string) => ({ id: 'runa', name, of: 'opponent' as const, habits: [] });
    await storeTree(context, { ...emptyTree('first-runa', 'A'), opponents: ['runa'], profiles: [person('Runa Falk')] });
    const second = await storeTree(context, { ...emptyTree('second-runa', 'B'), opponents: ['runa'], profiles: [person('Runa Holt')] });
    expect(second.notes).toEqual([expect.stringContaining('“Runa Holt” is here already with something else in it')]);
    expect((await findTree(context, 'second-runa'))!.tree.opponents).toEqual(['runa-second-runa']);
    const third = await storeTree(context, {
      ...emptyTree('third-runa', 'C'),
      opponents: ['runa'],
      profiles: [{ ...person('Runa Falk'), off: ['neck'] }],
    });
    expect(third.notes).toEqual([]);
    expect((await findDocument(context, 'opponent', 'runa'))!.document).toMatchObject({ games: [{ tree: 'third-runa', off: ['neck'] }] });
  });
});

describe('reading while it is written', () => {
  it('every read is of one moment: what an edit adds is there with what leads to it, or not at all', async () => {
    const { treeId } = await storeTree(context, { ...withNewGuard(emptyTree('torn', 'Torn'), 'Root').tree, id: 'torn' });
    let writing = true;
    const write = (async () => {
      for (let i = 0; i < 40; i++) {
        const { tree, revision } = (await findTree(context, treeId))!;
        const added = { ...tree.positions[0]!, id: `p${i}`, name: `P ${i}` };
        const move = { id: `t${i}`, from: 'root', to: `p${i}`, actor: 'owner', name: `t${i}`, kind: 'pass' } as const;
        expect(
          await save(treeId, revision, tree, { ...withPosition(tree, added), transitions: [...tree.transitions, move] }),
        ).toMatchObject({ ok: true });
      }
      writing = false;
    })();
    let reads = 0;
    while (writing) {
      globalThis.redLadderRecent?.clear();
      const { tree } = (await findTree(context, treeId))!;
      const ids = new Set(tree.positions.map((position) => position.id));
      expect(tree.transitions.every((transition) => ids.has(transition.to))).toBe(true);
      expect(tree.transitions.length).toBe(tree.positions.length - 1);
      reads++;
    }
    await write;
    expect(reads).toBeGreaterThan(10);
  });
  it('a document that is held does not stop the others, and says so after a while', async () => {
    const { db, gymId } = context;
    await storeTree(context, emptyTree('held', 'Held'));
    await storeTree(context, emptyTree('free', 'Free'));
    const tree = (await findTree(context, 'held'))!.tree;
    let release = (): void => undefined;
    const held = new Promise<void>((resolve) => (release = resolve));
    let locked = (): void => undefined;
    const isLocked = new Promise<void>((resolve) => (locked = resolve));
    const holding = db.begin(async (tx) => {
      await tx`select 1 from documents where gym_id = ${gymId} and kind = 'tree' and document_id = 'held' for update`;
      locked();
      await held;
    });
    await isLocked;
    const waiting = Array.from({ length: 30 }, () =>
      save('held', 1, tree, withNewGuard(tree, 'X').tree).then(
        () => 'stored',
        (error: { code?: string; name: string }) => error.code ?? error.name,
      ),
    );
    const free = (await findTree(context, 'free'))!.tree;
    const began = performance.now();
    expect(await save('free', 1, free, withNewGuard(free, 'Y').tree)).toMatchObject({ ok: true });
    expect(await findTree(context, 'held')).not.toBeNull();
    expect(performance.now() - began).toBeLessThan(2000);
    const outcomes = await Promise.all(waiting);
    expect(new Set(outcomes)).toEqual(new Set(['55P03', 'BusyError']));
    release();
    await holding;
    expect(await save('held', 1, tree, withNewGuard(tree, 'Z').tree)).toMatchObject({ ok: true });
  });
});

describe('the limit of 20 MB', () => {
  const heavy = (megabytes: number, id: string): TreeDocument => {
    const text = 'n'.repeat(3990);
    const count = Math.ceil((megabytes * 1024 * 1024) / 12_100);
    const positions = Array.from({ length: count }, (_, i) => ({
      id: `p${i}`,
      name: `P ${i}`,
      family: 'transit' as const,
      lines: [],
      tempo: 'neutral' as const,
      reads: [],
      notes: text,
      tempoReason: text,
      windowCloses: text,
    }));
    return { ...emptyTree(id, 'Heavy'), positions };
  };
  it('is measured on the file in normal form: eleven are taken in and come back, more are refused with a sentence', async () => {
    const tree = heavy(11, 'eleven');
    expect(await importTree(context, read(formatTreeFile(tree)), 'copy')).toMatchObject({ ok: true });
    const file = (await findTreeFile(context, 'eleven'))!;
    expect(file.length).toBeGreaterThan(11 * 1024 * 1024);
    expect(await importTree(context, read(file), 'replace')).toMatchObject({ ok: true, value: { treeId: 'eleven' } });
    // However it is spaced.
    expect(parseTreeFile(JSON.stringify(JSON.parse(file), null, 6)).ok).toBe(true);
    const parsed = parseTreeFile(formatTreeFile(heavy(21, 'too-much')));
    expect(parsed).toMatchObject({ ok: false, error: [expect.stringContaining('20 MB')] });
  });
  it('an edit may not grow a tree beyond what its file may be; one that is larger from earlier days may shrink', async () => {
    const tree = heavy(19, 'growing');
    await storeTree(context, tree);
    const stored = (await findTree(context, 'growing'))!.tree;
    const more = heavy(2, 'x').positions.map((position) => ({ ...position, id: `more ${position.id}` }));
    const grown = { ...stored, positions: [...stored.positions, ...more] };
    expect(await save('growing', 1, stored, grown)).toMatchObject({
      ok: false,
      error: { code: 'tooLarge', problems: [expect.stringMatching(/this would be 2\d(\.\d)? MB/)] },
    });
    // As if the limit had come later than the tree.
    const { db, gymId } = context;
    await storeTree(context, heavy(19, 'from-before'));
    await db`insert into document_rows (gym_id, kind, document_id, list, row_id, ordinal, body)
      select gym_id, kind, 'from-before', list, 'more ' || row_id, ordinal + 100000, jsonb_set(body, '{id}', to_jsonb('more ' || row_id)) from document_rows
      where gym_id = ${gymId} and document_id = 'from-before' and ordinal < 150`;
    await db`update documents set bytes = 0, revision = 2 where gym_id = ${gymId} and document_id = 'from-before'`;
    const large = (await findTree(context, 'from-before'))!.tree;
    expect(formatTreeFile(large).length).toBeGreaterThan(TREE_FILE_MAX_BYTES);
    expect(await save('from-before', 2, large, { ...large, positions: large.positions.slice(10) })).toMatchObject({ ok: true });
    const smaller = (await findTree(context, 'from-before'))!.tree;
    expect(await save('from-before', 3, smaller, { ...smaller, notes: 'n'.repeat(4000) })).toMatchObject({
      ok: false,
      error: { code: 'tooLarge' },
    });
  });
});

describe('deleting', () => {
  it('keeps what refers to it, tells other windows, and can be taken back', async () => {
    await createDocument(context, 'ruleCard', { id: 'gone-card', name: 'Gone', contexts: [], forbidden: [], points: [] }, null);
    await storeTree(context, { ...emptyTree('names-it', 'Names it'), ruleCards: ['gone-card'] });
    expect(await setDeleted(context, 'ruleCard', 'gone-card', true)).toBe(true);
    expect(await findDocument(context, 'ruleCard', 'gone-card')).toBeNull();
    expect(await changesSince(context, 'ruleCard', 'gone-card', 1)).toBeNull();
    expect((await findTree(context, 'names-it'))!.tree.ruleCards).toEqual(['gone-card']);
    const edit = { label: 'x', changes: [{ kind: 'field' as const, field: 'name', from: 'Gone', to: 'Here' }] };
    expect(
      await saveEdits(context, 'ruleCard', 'gone-card', { baseRevision: 1, edits: [{ id: crypto.randomUUID(), diff: edit }] }),
    ).toMatchObject({ ok: false, error: { code: 'missing' } });
    expect(await setDeleted(context, 'ruleCard', 'gone-card', false)).toBe(true);
    expect(await findDocument(context, 'ruleCard', 'gone-card')).toMatchObject({ revision: 3 });
    expect(await setDeleted(context, 'ruleCard', 'nowhere', true)).toBe(false);
    // A new one does not take its id.
    expect(
      await createDocument(context, 'ruleCard', { id: 'gone-card', name: 'New', contexts: [], forbidden: [], points: [] }, null),
    ).toEqual({ ok: true, value: 'gone-card-2' });
  });
  it('an athlete and an opponent never share an id', async () => {
    expect(await createDocument(context, 'athlete', { id: 'twin', name: 'Twin' }, null)).toEqual({ ok: true, value: 'twin' });
    expect(await createDocument(context, 'opponent', { id: 'twin', name: 'Twin' }, null)).toEqual({ ok: true, value: 'twin-2' });
  });
  it('a document made under exactly its id is made once, however often it is sent at once, and never under another', async () => {
    const edit = crypto.randomUUID();
    const make = (by: string, name: string) => createDocument(context, 'athlete', { id: 'exact', name }, by, { exactly: true });
    const made = await Promise.all([1, 2, 3, 4].map(() => make(edit, 'First')));
    expect(made).toEqual(made.map(() => ({ ok: true, value: 'exact' })));
    expect(await make(crypto.randomUUID(), 'Second')).toMatchObject({ ok: false, error: { code: 'refused' } });
    expect((await findDocument(context, 'athlete', 'exact'))?.document.name).toBe('First');
    await setDeleted(context, 'athlete', 'exact', true);
    expect(await make(crypto.randomUUID(), 'Third')).toMatchObject({ ok: false });
  });
});
