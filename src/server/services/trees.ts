import type { SaveChanges, SaveOutcome } from '@/contracts/changes';
import { err, ok, type Result } from '@/core/base';
import { normaliseTree } from '@/core/notation';
import { applyDiff, checkTree, describeTreeError, diffOf, emptyTree, freshId, invertDiff, type TreeDocument } from '@/core/tree';
import type { Db } from '../db/client';
import {
  advanceRevision,
  insertChange,
  insertTree,
  manyChangesSince,
  manyDiffsSince,
  manyTrees,
  maybeOneRevision,
  maybeOneTree,
  type StoredTree,
} from '../queries/trees';
import { writeTreeRows } from '../queries/treeRows';

/** Reads, as the pages use them. */
export {
  manyChangesSince as findChanges,
  manyLastTouched as findLastTouched,
  maybeOneTree as findTree,
  manyTrees as findTrees,
  type StoredTree,
  type TreeSummary,
} from '../queries/trees';

type Problems = readonly string[];

/** Stores a new tree under its own id, or under a fresh one if that is taken. Returns the id. */
export async function createTree(db: Db, gymId: string, tree: TreeDocument): Promise<string> {
  const taken = new Set((await manyTrees(db, gymId)).map((item) => item.treeId));
  const stored = normaliseTree(taken.has(tree.id) ? { ...tree, id: freshId(tree.id, taken) } : tree);
  await db.begin(async (transaction) => {
    const tx = transaction as unknown as Db;
    if (!(await insertTree(tx, gymId, stored))) throw new Error(`tree id ${stored.id} was taken in between`);
    await writeTreeRows(tx, gymId, null, stored);
  });
  return stored.id;
}

/** The tree last worked on; an empty one is made for a gym that has none. */
export async function getLatestTreeId(db: Db, gymId: string): Promise<string> {
  const [latest] = await manyTrees(db, gymId);
  return latest?.treeId ?? createTree(db, gymId, emptyTree('my-passing', 'My passing'));
}

async function staleOutcome(db: Db, gymId: string, current: StoredTree, baseRevision: number): Promise<SaveOutcome> {
  const since = await manyChangesSince(db, gymId, current.tree.id, baseRevision);
  return {
    saved: false,
    revision: current.revision,
    tree: current.tree,
    since: since.map((change) => ({ ...change, madeAt: change.madeAt.toISOString() })),
  };
}

/** Nothing new (`saved`), or the current tree and what was changed since `baseRevision`; null = no such tree. */
export async function changesSince(db: Db, gymId: string, treeId: string, baseRevision: number): Promise<SaveOutcome | null> {
  const revision = await maybeOneRevision(db, gymId, treeId);
  if (revision === null || revision === baseRevision) return revision === null ? null : { saved: true, revision };
  const current = await maybeOneTree(db, gymId, treeId);
  return current && staleOutcome(db, gymId, current, baseRevision);
}

/**
 * Saves edits made on `baseRevision`. All or nothing: a stale base changes nothing and is told what happened since;
 * edits that do not fit or break the tree are refused with sentences.
 */
export async function saveChanges(
  db: Db,
  gymId: string,
  treeId: string,
  { baseRevision, diffs }: SaveChanges,
  by: string | null = null,
): Promise<Result<SaveOutcome, Problems>> {
  return db.begin(async (transaction) => {
    const tx = transaction as unknown as Db;
    const current = await maybeOneTree(tx, gymId, treeId, { lock: true });
    if (!current) return err(['This tree is no longer stored; it was deleted in another window. Export your copy to keep it.']);
    if (current.revision !== baseRevision) return ok(await staleOutcome(tx, gymId, current, baseRevision));
    let next = current.tree;
    for (const diff of diffs) {
      const applied = applyDiff(next, diff);
      if (!applied.ok)
        return err([
          `"${diff.label}" does not fit the stored tree: ${applied.error.kind} "${applied.error.id}" is different there. Nothing was saved.`,
        ]);
      next = applied.value;
    }
    if (next.id !== treeId) return err(['The id of a tree cannot be changed by an edit. Nothing was saved.']);
    const checked = checkTree(next);
    if (!checked.ok) return err(checked.error.slice(0, 20).map(describeTreeError));
    for (const [i, diff] of diffs.entries()) {
      if (!(await advanceRevision(tx, gymId, next, baseRevision + i))) throw new Error('the revision moved under a locked row');
      await insertChange(tx, gymId, treeId, baseRevision + i + 1, diff, by);
    }
    await writeTreeRows(tx, gymId, current.tree, next);
    return ok<SaveOutcome>({ saved: true, revision: baseRevision + diffs.length });
  }) as Promise<Result<SaveOutcome, Problems>>;
}

export type ImportMode = 'copy' | 'replace';

/** Takes in a checked tree: as a tree of its own, or as the next revision of the tree with the same id. */
export async function importTree(
  db: Db,
  gymId: string,
  tree: TreeDocument,
  mode: ImportMode,
  by: string | null = null,
): Promise<Result<string, Problems>> {
  const current = mode === 'replace' ? await maybeOneTree(db, gymId, tree.id) : null;
  if (!current) return ok(await createTree(db, gymId, tree));
  const diff = diffOf(current.tree, normaliseTree(tree), `replaced by a file`);
  if (diff.changes.length === 0) return ok(tree.id);
  const saved = await saveChanges(db, gymId, tree.id, { baseRevision: current.revision, diffs: [diff] }, by);
  if (!saved.ok) return saved;
  return saved.value.saved ? ok(tree.id) : err(['The stored tree was changed while the file was read. Nothing was replaced; try again.']);
}

/** The tree as it was at a revision, or a sentence why it cannot be had. */
export async function treeAt(db: Db, gymId: string, treeId: string, revision: number): Promise<Result<TreeDocument, Problems>> {
  const current = await maybeOneTree(db, gymId, treeId);
  if (!current) return err(['There is no such tree.']);
  if (revision < 1 || revision > current.revision)
    return err([`This tree has the revisions 1 to ${current.revision}; there is no ${revision}.`]);
  let tree = current.tree;
  for (const diff of await manyDiffsSince(db, gymId, treeId, revision)) {
    const undone = applyDiff(tree, invertDiff(diff));
    if (!undone.ok) throw new Error(`change "${diff.label}" of tree ${treeId} does not fit its own log`);
    tree = undone.value;
  }
  return ok(tree);
}

/** Goes back to an earlier revision by one more change, so that going back can itself be undone. */
export async function restoreTree(
  db: Db,
  gymId: string,
  treeId: string,
  revision: number,
  baseRevision: number,
  by: string | null = null,
): Promise<Result<SaveOutcome, Problems>> {
  const earlier = await treeAt(db, gymId, treeId, revision);
  if (!earlier.ok) return earlier;
  const current = await maybeOneTree(db, gymId, treeId);
  if (!current) return err(['There is no such tree.']);
  const diff = diffOf(current.tree, earlier.value, `back to revision ${revision}`);
  if (diff.changes.length === 0) return ok({ saved: true, revision: current.revision });
  return saveChanges(db, gymId, treeId, { baseRevision, diffs: [diff] }, by);
}

/** A tree of its own with everything in it, for another group; null = no such tree. */
export async function copyTree(db: Db, gymId: string, treeId: string, name: string): Promise<string | null> {
  const stored = await maybeOneTree(db, gymId, treeId);
  return stored && createTree(db, gymId, { ...stored.tree, name, id: freshId(name, new Set([treeId])) });
}
