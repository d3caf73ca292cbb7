import { describe, expect, it } from 'vitest';
import { formatTreeFile, normaliseTree } from '@/core/notation';
import { diffOf, emptyTree, withNewGuard, withNewValue, withoutPosition, type TreeDocument } from '@/core/tree';
import { savePlan, findPlan } from '@/server/services/classPlans';
import { emptyClassPlan } from '@/contracts/classPlan';
import {
  changesSince,
  copyTree,
  createTree,
  findChanges,
  findLastTouched,
  findTree,
  findTrees,
  getLatestTreeId,
  importTree,
  restoreTree,
  saveChanges,
  treeAt,
} from '@/server/services/trees';
import { demoTree } from '../../demo/demoTree';
import { randomTree } from '../support/randomTree';
import { wholeTree } from '../fixtures/wholeTree';
import { testDb } from './testDb';

const context = testDb('trees');
const stored = async (id: string): Promise<{ tree: TreeDocument; revision: number }> => (await findTree(context.db, context.gymId, id))!;

describe('storing trees', () => {
  it('gives back what was stored, byte for byte as a file', async () => {
    const { db, gymId } = context;
    for (const doc of [demoTree(), wholeTree, randomTree(4, { positions: 300, transitions: 900 })]) {
      const id = await createTree(db, gymId, doc);
      const { tree, revision } = await stored(id);
      expect(revision).toBe(1);
      expect(formatTreeFile(tree)).toBe(formatTreeFile(normaliseTree(doc)));
    }
    expect((await findTrees(db, gymId)).map((row) => row.positions).sort((a, b) => a - b)).toEqual([2, demoTree().positions.length, 300]);
  });
  it('gives a second tree with the same id an id of its own', async () => {
    const { db, gymId } = context;
    expect(await createTree(db, gymId, emptyTree('twice', 'Twice'))).toBe('twice');
    expect(await createTree(db, gymId, emptyTree('twice', 'Twice'))).toBe('twice-2');
    expect(await getLatestTreeId(db, gymId)).toBe('twice-2');
  });
  it('keeps the order through removing from the middle and putting back', async () => {
    const { db, gymId } = context;
    const id = await createTree(db, gymId, { ...randomTree(9, { positions: 12, transitions: 20 }), id: 'order' });
    const before = (await stored(id)).tree;
    const after = withoutPosition(before, 'p4');
    const save = (baseRevision: number, from: TreeDocument, to: TreeDocument) =>
      saveChanges(db, gymId, id, { baseRevision, diffs: [diffOf(from, to, 'x')] });
    expect(await save(1, before, after)).toEqual({ ok: true, value: { saved: true, revision: 2 } });
    expect((await stored(id)).tree).toEqual(normaliseTree(after));
    expect(await save(2, after, before)).toEqual({ ok: true, value: { saved: true, revision: 3 } });
    expect((await stored(id)).tree).toEqual(before);
  });
});

describe('where the coach last worked', () => {
  it('is what the last change touched, and where its transitions begin', async () => {
    const { db, gymId } = context;
    const id = await createTree(db, gymId, demoTree());
    expect(await findLastTouched(db, gymId, id)).toEqual([]);
    const save = async (change: (tree: TreeDocument) => TreeDocument) => {
      const { tree, revision } = await stored(id);
      await saveChanges(db, gymId, id, { baseRevision: revision, diffs: [diffOf(tree, change(tree), 'edit')] });
    };
    await save((tree) => withNewGuard(tree, 'Inverted guard').tree);
    const made = (await stored(id)).tree.positions.at(-1)!;
    expect(await findLastTouched(db, gymId, id)).toEqual([made.id]);
    await save((tree) => ({
      ...tree,
      transitions: tree.transitions.map((move) => (move.from === 'knee-shield' ? { ...move, notes: 'slowly' } : move)),
    }));
    expect(new Set(await findLastTouched(db, gymId, id))).toEqual(new Set(['knee-shield']));
  });
});

describe('the log of changes', () => {
  it('leads back to any earlier revision, and going back is undone by going forth', async () => {
    const { db, gymId } = context;
    const id = await createTree(db, gymId, emptyTree('log', 'Log'));
    const versions = [(await stored(id)).tree];
    for (const name of ['Butterfly', 'Lasso', 'Spider']) {
      const { tree, revision } = await stored(id);
      await saveChanges(db, gymId, id, { baseRevision: revision, diffs: [diffOf(tree, withNewGuard(tree, name).tree, `guard ${name}`)] });
      versions.push((await stored(id)).tree);
    }
    for (const [i, version] of versions.entries()) expect(await treeAt(db, gymId, id, i + 1)).toEqual({ ok: true, value: version });
    expect((await findChanges(db, gymId, id, 0)).map((change) => change.madeBy)).toEqual([null, null, null]);
    expect(await restoreTree(db, gymId, id, 2, 4, 'Ilse')).toEqual({ ok: true, value: { saved: true, revision: 5 } });
    expect((await stored(id)).tree).toEqual(versions[1]);
    expect((await findChanges(db, gymId, id, 4))[0]).toMatchObject({ madeBy: 'Ilse', label: 'back to revision 2' });
    expect(await restoreTree(db, gymId, id, 4, 5)).toMatchObject({ ok: true });
    expect((await stored(id)).tree).toEqual(versions[3]);
    expect((await findChanges(db, gymId, id, 0)).map((change) => change.label)).toEqual(['guard Butterfly', 'guard Lasso', 'guard Spider', 'back to revision 2', 'back to revision 4']); // prettier-ignore
    expect(await restoreTree(db, gymId, id, 1, 3)).toMatchObject({ ok: true, value: { saved: false } });
    expect(await treeAt(db, gymId, id, 99)).toMatchObject({ ok: false, error: [expect.stringContaining('1 to 6')] });
    expect(await treeAt(db, gymId, 'none', 1)).toMatchObject({ ok: false });
  });
  it('a copy for another group is a tree of its own', async () => {
    const { db, gymId } = context;
    const id = await createTree(db, gymId, { ...demoTree(), id: 'for-copying' });
    const copy = (await copyTree(db, gymId, id, 'Beginners, Tuesday'))!;
    expect(copy).toBe('beginners-tuesday');
    expect((await stored(copy)).tree).toMatchObject({ name: 'Beginners, Tuesday', positions: (await stored(id)).tree.positions });
    const { tree, revision } = await stored(copy);
    await saveChanges(db, gymId, copy, { baseRevision: revision, diffs: [diffOf(tree, withoutPosition(tree, 'lasso'), 'less')] });
    expect((await stored(id)).tree.positions.some((position) => position.id === 'lasso')).toBe(true);
    expect(await copyTree(db, gymId, 'none', 'X')).toBeNull();
  });
});

describe('two windows', () => {
  it('the stale one is told what changed, and stores nothing', async () => {
    const { db, gymId } = context;
    const id = await createTree(db, gymId, emptyTree('windows', 'Windows'));
    const base = (await stored(id)).tree;
    const theirs = withNewGuard(base, 'Half guard').tree;
    const mine = withNewGuard(base, 'Butterfly').tree;
    const save = (doc: TreeDocument, label: string) => saveChanges(db, gymId, id, { baseRevision: 1, diffs: [diffOf(base, doc, label)] });
    expect(await save(theirs, 'guard Half guard')).toMatchObject({ ok: true, value: { saved: true } });
    const told = await save(mine, 'guard Butterfly');
    expect(told).toMatchObject({ ok: true, value: { saved: false, revision: 2, since: [{ revision: 2, label: 'guard Half guard' }] } });
    expect((await stored(id)).tree.positions.map((position) => position.name)).toEqual(['Half guard']);
    expect(await changesSince(db, gymId, id, 1)).toMatchObject({ saved: false, revision: 2 });
    expect(await changesSince(db, gymId, id, 2)).toEqual({ saved: true, revision: 2 });
    expect(await changesSince(db, gymId, 'none', 1)).toBeNull();
  });
  it('of many saves on the same revision exactly one wins', async () => {
    const { db, gymId } = context;
    const id = await createTree(db, gymId, emptyTree('race', 'Race'));
    const base = (await stored(id)).tree;
    const saves = Array.from({ length: 8 }, (_, i) =>
      saveChanges(db, gymId, id, { baseRevision: 1, diffs: [diffOf(base, withNewGuard(base, `g${i}`).tree, `g${i}`)] }),
    );
    const outcomes = await Promise.all(saves);
    expect(outcomes.filter((outcome) => outcome.ok && outcome.value.saved)).toHaveLength(1);
    expect((await stored(id)).tree.positions).toHaveLength(1);
  });
  it('edits that do not fit or break the tree are refused whole, with a sentence', async () => {
    const { db, gymId } = context;
    const id = await createTree(db, gymId, withNewGuard(emptyTree('refused', 'Refused'), 'Half').tree);
    const base = (await stored(id)).tree;
    const good = diffOf(base, withNewValue(base, 'half', { name: 'frames', kind: 'frame' }).tree, 'good');
    const transition = { id: 't', from: 'half', to: 'nowhere', actor: 'owner', name: 't', kind: 'pass' } as const;
    const broken = { label: 'bad', changes: [{ kind: 'transition', id: 't', at: 0, from: null, to: transition }] } as const;
    expect(await saveChanges(db, gymId, id, { baseRevision: 1, diffs: [good, broken] })).toEqual({
      ok: false,
      error: ['transition "t" (t): there is no position "nowhere".'],
    });
    expect(await saveChanges(db, gymId, id, { baseRevision: 1, diffs: [good, good] })).toMatchObject({
      ok: false,
      error: [expect.stringContaining('does not fit')],
    });
    expect(await saveChanges(db, gymId, 'gone', { baseRevision: 1, diffs: [good] })).toMatchObject({
      ok: false,
      error: [expect.stringContaining('deleted')],
    });
    expect(await stored(id)).toEqual({ tree: base, revision: 1 });
  });
});

describe('files and plans', () => {
  it('a file becomes a tree of its own, or the next revision', async () => {
    const { db, gymId } = context;
    const doc = withNewGuard(emptyTree('filed', 'Filed'), 'Half').tree;
    expect(await importTree(db, gymId, doc, 'copy')).toEqual({ ok: true, value: 'filed' });
    expect(await importTree(db, gymId, doc, 'copy')).toEqual({ ok: true, value: 'filed-2' });
    const changed = withNewGuard(doc, 'Butterfly').tree;
    expect(await importTree(db, gymId, changed, 'replace')).toEqual({ ok: true, value: 'filed' });
    expect(await stored('filed')).toMatchObject({ revision: 2, tree: { positions: { length: 2 } } });
    expect(await importTree(db, gymId, changed, 'replace')).toEqual({ ok: true, value: 'filed' });
    expect((await stored('filed')).revision).toBe(2);
  });
  it('a class plan is stored once per revision', async () => {
    const { db, gymId } = context;
    await createTree(db, gymId, emptyTree('planned', 'Planned'));
    expect(await findPlan(db, gymId, 'planned')).toBeNull();
    expect(await savePlan(db, gymId, 'planned', emptyClassPlan, 0)).toBe(1);
    expect(await savePlan(db, gymId, 'planned', emptyClassPlan, 0)).toBeNull();
    expect(await savePlan(db, gymId, 'planned', { ...emptyClassPlan, people: 17 }, 1)).toBe(2);
    expect(await findPlan(db, gymId, 'planned')).toMatchObject({ revision: 2, plan: { people: 17 } });
  });
});
