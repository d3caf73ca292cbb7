import { describe, expect, it } from 'vitest';
import type { Diff } from '@/core/document';
import { formatTreeFile, normaliseTree } from '@/core/notation';
import { findOdds, ODDS_QUESTION } from '@/core/odds';
import { diffOf, emptyTree, withNewGuard, withNewValue, withoutPosition, type TreeDocument } from '@/core/tree';
import { emptyClassPlan } from '@/documents/class/schema';
import { createDocument, documentAt, restoreDocument } from '@/server/services/documents';
import { findElsewhere } from '@/server/services/elsewhere';
import { changesSince, findChanges, findDocument, findSummaries, saveEdits } from '@/server/services/store';
import { findTreeFile } from '@/server/services/files/treeFiles';
import { copyTree, findLastTouched, findTree, importTree, storeTree } from '@/server/services/trees';
import { findWeek } from '@/server/services/week';
import { findClasses } from '@/server/services/classes/classes';
import { unpackBundle } from '@/documents/tree/bundle';
import { findBundle } from '@/server/services/files/bundles';
import { parseTreeFile } from '@/documents/tree/file';
import { demoTree } from '../../demo/demoTree';
import { randomTree } from '../support/randomTree';
import { wholeTree } from '../fixtures/wholeTree';
import { testDb } from './testDb';

const context = testDb('trees');
const stored = async (id: string): Promise<{ tree: TreeDocument; revision: number }> => (await findTree(context, id))!;
const create = async (tree: TreeDocument): Promise<string> => (await storeTree(context, tree)).treeId;
const edit = (diff: Diff) => ({ id: crypto.randomUUID(), diff });
const saveDiffs = (id: string, baseRevision: number, ...diffs: Diff[]) =>
  saveEdits(context, 'tree', id, { baseRevision, edits: diffs.map(edit) });
const treeAt = (id: string, revision: number) => documentAt(context, 'tree', id, revision);

describe('storing trees', () => {
  it('gives back what was stored, byte for byte as a file', async () => {
    for (const doc of [demoTree(), wholeTree, randomTree(4, { positions: 300, transitions: 900 })]) {
      const id = await create(doc);
      expect((await stored(id)).revision).toBe(1);
      expect(await findTreeFile(context, id)).toBe(formatTreeFile(normaliseTree(doc)));
    }
    expect((await findSummaries(context, 'tree')).map((row) => row.rows).sort((a, b) => a - b)).toEqual([
      2,
      demoTree().positions.length,
      300,
    ]);
  });
  it('gives a second tree with the same id an id of its own', async () => {
    expect(await create(emptyTree('twice', 'Twice'))).toBe('twice');
    expect(await create(emptyTree('twice', 'Twice'))).toBe('twice-2');
    expect((await findWeek(context, '2026-11-27'))?.tree.id).toBe('twice-2');
  });
  it('opens what was last worked on, whatever date a tree claims', async () => {
    const [ahead, now] = [await create(emptyTree('ahead', 'Ahead')), await create(emptyTree('now', 'Now'))];
    await context.db`update documents set updated_at = '2099-01-01' where document_id = ${ahead}`;
    expect((await findWeek(context, '2026-11-27'))?.tree.id).toBe(now);
    const { tree } = await stored(ahead);
    await saveDiffs(ahead, 1, diffOf(tree, withNewGuard(tree, 'Lasso').tree, 'guard Lasso'));
    expect((await findWeek(context, '2026-11-27'))?.tree.id).toBe(ahead);
  });
  it('keeps the order through removing from the middle and putting back', async () => {
    const id = await create({ ...randomTree(9, { positions: 12, transitions: 20 }), id: 'order' });
    const before = (await stored(id)).tree;
    const after = withoutPosition(before, 'p4');
    const save = (baseRevision: number, from: TreeDocument, to: TreeDocument) => saveDiffs(id, baseRevision, diffOf(from, to, 'x'));
    expect(await save(1, before, after)).toEqual({ ok: true, value: { saved: true, revision: 2 } });
    expect((await stored(id)).tree).toEqual(normaliseTree(after));
    expect(await save(2, after, before)).toEqual({ ok: true, value: { saved: true, revision: 3 } });
    expect((await stored(id)).tree).toEqual(before);
  });
});

describe('a tree file', () => {
  it('carries the classes of its tree to another gym’s, and takes them in once', async () => {
    const id = await create({ ...demoTree(), id: 'with-classes' });
    const units = [{ kind: 'move' as const, of: [demoTree().transitions[0]!.id] }];
    const plan = { ...emptyClassPlan, id: 'hour', name: 'Hour', tree: id, units, date: '2026-12-01' };
    expect((await createDocument(context, 'class', plan, null)).ok).toBe(true);
    const file = (await findTreeFile(context, id))!;
    const parsed = parseTreeFile(file);
    if (!parsed.ok) throw new Error(parsed.error.join(' '));
    expect(parsed.value.classes).toHaveLength(1);
    expect((await importTree(context, parsed.value, 'replace')).ok).toBe(true);
    expect((await findClasses(context, id)).map((item) => item.plan)).toEqual([plan]);
    const copied = await importTree(context, parsed.value, 'copy');
    if (!copied.ok) throw new Error('refused');
    const { treeId } = copied.value;
    const [taken] = await findClasses(context, treeId);
    expect(taken!.plan).toMatchObject({ name: 'Hour', units });
    expect(taken!.plan.date).toBeUndefined();
    // There it has another id than in the file: taken in again it is known.
    expect(taken!.plan.id).not.toBe('hour');
    expect((await importTree(context, { ...parsed.value, id: treeId }, 'replace')).ok).toBe(true);
    expect(await findClasses(context, treeId)).toHaveLength(1);
    const bundle = unpackBundle((await findBundle(context, id))!);
    expect(bundle.ok && bundle.value.file).toBe(file);
  });
});

describe('a tree that goes on in another one of the gym', () => {
  it('takes its places for what they are worth there, as the other is stored now', async () => {
    const there = await create({ ...demoTree(), id: 'goes-on-there' });
    const demo = (await stored(there)).tree;
    const start = demo.starts[0]!.position;
    const link = (id: string, tree: string, position: string) => ({
      ...demo.positions[0]!,
      id,
      reads: [],
      continuesIn: { tree, position },
    });
    const here: TreeDocument = {
      ...emptyTree('goes-on-here', 'Here'),
      positions: [link('g', there, start), link('h', 'constructor', 'x'), link('i', there, 'gone')],
    };
    const worths = await findElsewhere(context, here, {}, ODDS_QUESTION);
    const value = findOdds(demo).positions.find(({ position }) => position === start)!.value;
    expect([...worths]).toEqual([['g', value]]);
    expect([...(await findElsewhere(context, here, { context: 'noGi' }, ODDS_QUESTION)).values()]).not.toEqual([value]);
  });
});

describe('where the coach last worked', () => {
  it('is what the last change touched, and where its transitions begin', async () => {
    const id = await create(demoTree());
    expect(await findLastTouched(context, id)).toEqual([]);
    const save = async (change: (tree: TreeDocument) => TreeDocument) => {
      const { tree, revision } = await stored(id);
      await saveDiffs(id, revision, diffOf(tree, change(tree), 'edit'));
    };
    await save((tree) => withNewGuard(tree, 'Inverted guard').tree);
    const made = (await stored(id)).tree.positions.at(-1)!;
    expect(await findLastTouched(context, id)).toEqual([made.id]);
    await save((tree) => ({
      ...tree,
      transitions: tree.transitions.map((transition) =>
        transition.from === 'knee-shield' ? { ...transition, notes: 'slowly' } : transition,
      ),
    }));
    expect(new Set(await findLastTouched(context, id))).toEqual(new Set(['knee-shield']));
  });
});

describe('the log of changes', () => {
  it('leads back to any earlier revision, and going back is undone by going forth', async () => {
    const id = await create(emptyTree('log', 'Log'));
    const versions = [(await stored(id)).tree];
    for (const name of ['Butterfly', 'Lasso', 'Spider']) {
      const { tree, revision } = await stored(id);
      await saveDiffs(id, revision, diffOf(tree, withNewGuard(tree, name).tree, `guard ${name}`));
      versions.push((await stored(id)).tree);
    }
    for (const [i, version] of versions.entries()) expect(await treeAt(id, i + 1)).toEqual({ ok: true, value: version });
    expect((await findChanges(context, 'tree', id, 0)).map((change) => change.madeBy)).toEqual([null, null, null]);
    expect(await restoreDocument({ ...context, member: 'Ilse' }, 'tree', id, { revision: 2, baseRevision: 4 })).toEqual({
      ok: true,
      value: { saved: true, revision: 5 },
    });
    expect((await stored(id)).tree).toEqual(versions[1]);
    expect((await findChanges(context, 'tree', id, 4))[0]).toMatchObject({ madeBy: 'Ilse', label: 'back to revision 2' });
    expect(await restoreDocument(context, 'tree', id, { revision: 4, baseRevision: 5 })).toMatchObject({ ok: true });
    expect((await stored(id)).tree).toEqual(versions[3]);
    expect((await findChanges(context, 'tree', id, 0)).map((change) => change.label)).toEqual([
      'guard Butterfly',
      'guard Lasso',
      'guard Spider',
      'back to revision 2',
      'back to revision 4',
    ]);
    expect(await restoreDocument(context, 'tree', id, { revision: 1, baseRevision: 3 })).toMatchObject({
      ok: true,
      value: { saved: false },
    });
    expect(await treeAt(id, 99)).toMatchObject({ ok: false, error: [expect.stringContaining('1 to 6')] });
    expect(await treeAt('none', 1)).toMatchObject({ ok: false });
  });
  it('a copy for another group is a tree of its own', async () => {
    const id = await create({ ...demoTree(), id: 'for-copying' });
    const copy = (await copyTree(context, id, 'Beginners, Tuesday'))!;
    expect(copy).toBe('beginners-tuesday');
    expect((await stored(copy)).tree).toMatchObject({ name: 'Beginners, Tuesday', positions: (await stored(id)).tree.positions });
    const { tree, revision } = await stored(copy);
    await saveDiffs(copy, revision, diffOf(tree, withoutPosition(tree, 'lasso'), 'less'));
    expect((await stored(id)).tree.positions.some((position) => position.id === 'lasso')).toBe(true);
    expect(await copyTree(context, 'none', 'X')).toBeNull();
  });
});

describe('two windows', () => {
  it('the stale one is told what changed, and stores nothing', async () => {
    const id = await create(emptyTree('windows', 'Windows'));
    const base = (await stored(id)).tree;
    const theirs = withNewGuard(base, 'Half guard').tree;
    const mine = withNewGuard(base, 'Butterfly').tree;
    const save = (doc: TreeDocument, label: string) => saveDiffs(id, 1, diffOf(base, doc, label));
    expect(await save(theirs, 'guard Half guard')).toMatchObject({ ok: true, value: { saved: true } });
    const told = await save(mine, 'guard Butterfly');
    expect(told).toMatchObject({ ok: true, value: { saved: false, revision: 2, since: [{ revision: 2, label: 'guard Half guard' }] } });
    expect((await stored(id)).tree.positions.map((position) => position.name)).toEqual(['Half guard']);
    expect(await changesSince(context, 'tree', id, 1)).toMatchObject({ saved: false, revision: 2 });
    expect(await changesSince(context, 'tree', id, 2)).toEqual({ saved: true, revision: 2 });
    expect(await changesSince(context, 'tree', 'none', 1)).toBeNull();
  });
  it('of many saves on the same revision exactly one wins', async () => {
    const id = await create(emptyTree('race', 'Race'));
    const base = (await stored(id)).tree;
    const saves = Array.from({ length: 8 }, (_, i) => saveDiffs(id, 1, diffOf(base, withNewGuard(base, `g${i}`).tree, `g${i}`)));
    const outcomes = await Promise.all(saves);
    expect(outcomes.filter((outcome) => outcome.ok && outcome.value.saved)).toHaveLength(1);
    expect((await stored(id)).tree.positions).toHaveLength(1);
  });
  it('an edit that cannot be is refused whole, with a sentence; those before it are stored', async () => {
    const id = await create(withNewGuard(emptyTree('refused', 'Refused'), 'Half').tree);
    const base = (await stored(id)).tree;
    const good = diffOf(base, withNewValue(base, 'half', { name: 'frames', kind: 'frame' }).tree, 'good');
    const transition = { id: 't', from: 'half', to: 'nowhere', actor: 'owner', name: 't', kind: 'pass' } as const;
    const broken: Diff = { label: 'bad', changes: [{ kind: 'row', list: 'transitions', id: 't', at: 0, from: null, to: transition }] };
    const why = ['transition "t" (t): there is no position "nowhere".'];
    expect(await saveDiffs(id, 1, broken)).toMatchObject({ ok: false, error: { code: 'refused', problems: why } });
    expect(await saveDiffs('gone', 1, good)).toMatchObject({ ok: false, error: { problems: [expect.stringContaining('deleted')] } });
    expect(await stored(id)).toEqual({ tree: base, revision: 1 });
    expect(await saveDiffs(id, 1, good, broken, good)).toMatchObject({
      ok: true,
      value: { saved: true, revision: 2, refused: { problems: why } },
    });
    expect((await stored(id)).tree.positions[0]!.reads).toHaveLength(1);
    expect(await saveDiffs(id, 2, good)).toMatchObject({ ok: false, error: { problems: [expect.stringContaining('does not fit')] } });
  });
  it('the same edit sent twice is stored once and recognised, also after somebody else', async () => {
    const id = await create(withNewGuard(emptyTree('twice-sent', 'Twice sent'), 'Half').tree);
    const base = (await stored(id)).tree;
    const mine = edit(diffOf(base, withNewGuard(base, 'Mine').tree, 'mine'));
    const save = (baseRevision: number, ...edits: ReturnType<typeof edit>[]) => saveEdits(context, 'tree', id, { baseRevision, edits });
    expect(await save(1, mine)).toEqual({ ok: true, value: { saved: true, revision: 2 } });
    expect(await save(1, mine)).toEqual({ ok: true, value: { saved: true, revision: 2 } });
    const now = (await stored(id)).tree;
    const second = edit(diffOf(now, withNewGuard(now, 'More of mine').tree, 'more'));
    expect(await save(1, mine, second)).toEqual({ ok: true, value: { saved: true, revision: 3 } });
    const later = (await stored(id)).tree;
    expect(await saveDiffs(id, 3, diffOf(later, withNewGuard(later, 'Theirs').tree, 'theirs'))).toMatchObject({ value: { revision: 4 } });
    const third = edit(diffOf(later, withNewGuard(later, 'Third of mine').tree, 'third'));
    expect(await save(2, second, third)).toMatchObject({
      ok: true,
      value: { saved: false, revision: 4, stored: [second.id], since: [{ label: 'theirs' }] },
    });
    expect((await stored(id)).tree.positions.map((position) => position.name)).toEqual(['Half', 'Mine', 'More of mine', 'Theirs']);
  });
});

describe('files and plans', () => {
  it('a file becomes a tree of its own, or the next revision', async () => {
    const doc = withNewGuard(emptyTree('filed', 'Filed'), 'Half').tree;
    expect(await importTree(context, doc, 'copy')).toEqual({ ok: true, value: { treeId: 'filed', notes: [] } });
    expect(await importTree(context, doc, 'copy')).toEqual({ ok: true, value: { treeId: 'filed-2', notes: [] } });
    const changed = withNewGuard(doc, 'Butterfly').tree;
    expect(await importTree(context, changed, 'replace')).toEqual({ ok: true, value: { treeId: 'filed', notes: [] } });
    expect(await stored('filed')).toMatchObject({ revision: 2, tree: { positions: { length: 2 } } });
    expect(await importTree(context, changed, 'replace')).toEqual({ ok: true, value: { treeId: 'filed', notes: [] } });
    expect((await stored('filed')).revision).toBe(2);
  });
  it('a class plan is stored once per revision', async () => {
    await create(emptyTree('planned', 'Planned'));
    const plan = { id: 'planned', name: 'Monday', tree: 'planned', ...emptyClassPlan };
    expect(await findDocument(context, 'class', 'planned')).toBeNull();
    const first = crypto.randomUUID();
    expect(await createDocument(context, 'class', plan, first)).toEqual({ ok: true, value: 'planned' });
    expect(await createDocument(context, 'class', plan, first)).toEqual({ ok: true, value: 'planned' });
    expect(await createDocument(context, 'class', plan, null)).toEqual({ ok: true, value: 'planned-2' });
    const more = { label: 'people', changes: [{ kind: 'field' as const, field: 'people', from: 12, to: 17 }] };
    expect(await saveEdits(context, 'class', 'planned', { baseRevision: 1, edits: [edit(more)] })).toMatchObject({
      value: { saved: true, revision: 2 },
    });
    expect(await findDocument(context, 'class', 'planned')).toMatchObject({ revision: 2, document: { people: 17 } });
  });
});
