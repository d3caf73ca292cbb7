import { err, ok, type Result } from '@/core/base';
import type { Diff } from '@/core/document';
import { treeInGym, withGame, type Athlete, type Group, type GymBook, type Opponent } from '@/core/people';
import { formatTreeFile, normaliseTree, TREE_FILE_MAX_BYTES } from '@/core/notation';
import { freshId, headerOf, type PositionId, type RuleSet, type TransitionId, type TreeDocument } from '@/core/tree';
import { kindOf, type AnyDocument, type Moved } from '@/documents';
import { besideOf } from '@/documents/tree';
import { inTransaction } from '../db/client';
import { manyAddedRows, manyLastTouched } from '../queries/documents';
import { takeBeside } from './files/beside';
import { takeClasses } from './files/carriedClasses';
import type { Context } from './context';
import { insertFresh } from './documents';
import { findSettings } from './settings';
import { findDocument, findDocuments, findSummaries, saveEdits, tooLarge, type StoreError } from './store';
import { editBetween, keyOf, writeBody } from './writing';

export interface StoredTree {
  readonly tree: TreeDocument;
  readonly revision: number;
}
const asTree = (document: AnyDocument): TreeDocument => document as unknown as TreeDocument;
const asDocument = ({ positions, transitions, ...rest }: TreeDocument): AnyDocument =>
  ({ ...headerOf({ ...rest, positions, transitions }), positions, transitions }) as unknown as AnyDocument;

export async function findTree(context: Context, treeId: string): Promise<StoredTree | null> {
  const stored = await findDocument(context, 'tree', treeId);
  return stored && { tree: asTree(stored.document), revision: stored.revision };
}

/** The gym's rule cards and people, of the people only what is said of them in one tree. */
export async function findBook(context: Context, treeId: string): Promise<GymBook> {
  const bodiesOf = async <T>(kind: 'ruleCard' | 'athlete' | 'opponent' | 'group'): Promise<T[]> =>
    (await findDocuments(context, kind)).map((item) => item.document as unknown as T);
  const [ruleCards, athletes, opponents, groups, settings] = await Promise.all([
    bodiesOf<RuleSet>('ruleCard'),
    bodiesOf<Athlete>('athlete'),
    bodiesOf<Opponent>('opponent'),
    bodiesOf<Group>('group'),
    findSettings(context),
  ]);
  const here = <P extends Opponent>(person: P): P => ({ ...person, games: person.games?.filter((game) => game.tree === treeId) });
  return { ruleCards, athletes: athletes.map(here), opponents: opponents.map(here), groups, settings };
}

/** The tree with the gym's cards and people beside it; null = no such tree. */
export async function findTreeInGym(context: Context, treeId: string, who: 'all' | 'named' = 'all'): Promise<TreeDocument | null> {
  const stored = await findTree(context, treeId);
  return stored && treeInGym(stored.tree, await findBook(context, treeId), who);
}

/** What was drawn so many days ago at the most is new. */
export const DRAWN_DAYS = 7;
/** Moves that were added to a tree in the last days; what came with the tree itself was not. */
export async function findDrawn(context: Context, treeId: string, days: number): Promise<ReadonlySet<TransitionId>> {
  return new Set(await manyAddedRows(context.db, keyOf(context, 'tree', treeId), 'transitions', days));
}

/** The positions that the last change touched: its rows, or where its transitions begin. */
export async function findLastTouched(context: Context, treeId: string): Promise<PositionId[]> {
  const diff = await manyLastTouched(context.db, keyOf(context, 'tree', treeId));
  return touchedBy(diff?.changes ?? []);
}
/** Ids of what changes touched, of transitions where they begin; what was removed is named, too. */
export const touchedBy = (changes: Diff['changes']): PositionId[] =>
  changes.flatMap((change) => {
    if (change.kind !== 'row') return [];
    return [change.list === 'transitions' ? ((change.to as { from?: string } | null)?.from ?? change.id) : change.id];
  });

export interface TakenTree {
  readonly treeId: string;
  /** Sentences that say what became a copy on the way. */
  readonly notes: readonly string[];
}

function withOwnNames(tree: TreeDocument, renamed: ReadonlyMap<string, string>): TreeDocument {
  if (renamed.size === 0) return tree;
  const moved: Moved = { partners: new Set(), renamed: new Map([...renamed].map(([given, id]) => [`${tree.id}\n${given}`, id])) };
  return asTree(kindOf('tree').withRenamed!(asDocument(tree), moved));
}

/** Stores a checked tree as a tree of its own, with the cards and people that came with it. */
export async function storeTree(context: Context, tree: TreeDocument, edit: string | null = null): Promise<TakenTree> {
  return inTransaction(context.db, async (tx) => {
    const treeId = await insertFresh(tx, context, 'tree', asDocument(normaliseTree(tree)), edit);
    const own: TreeDocument = { ...tree, id: treeId };
    const { renamed, notes } = await takeBeside(tx, context, treeId, besideOf(own));
    await takeClasses(tx, context, treeId, tree.classes);
    if (renamed.size === 0) return { treeId, notes };
    const next = asDocument(normaliseTree(withOwnNames(own, renamed)));
    await writeBody(tx, keyOf(context, 'tree', treeId), 1, next);
    return { treeId, notes };
  });
}

export type ImportMode = 'copy' | 'replace';

/** Takes in a checked tree: as a tree of its own, or as the next revision of the tree with the same id. */
export async function importTree(context: Context, tree: TreeDocument, mode: ImportMode): Promise<Result<TakenTree, StoreError>> {
  const current = mode === 'replace' ? await findTree(context, tree.id) : null;
  if (!current) {
    const bytes = new TextEncoder().encode(formatTreeFile(tree)).length;
    return bytes > TREE_FILE_MAX_BYTES
      ? err({ code: 'tooLarge', problems: [tooLarge(bytes, TREE_FILE_MAX_BYTES)] })
      : ok(await storeTree(context, tree));
  }
  const { renamed, notes } = await inTransaction(context.db, async (tx) => {
    await takeClasses(tx, context, tree.id, tree.classes);
    return takeBeside(tx, context, tree.id, besideOf(tree));
  });
  const edit = editBetween('tree', asDocument(current.tree), asDocument(normaliseTree(withOwnNames(tree, renamed))), 'replaced by a file');
  if (edit.diff.changes.length === 0) return ok({ treeId: tree.id, notes });
  const saved = await saveEdits(context, 'tree', tree.id, { baseRevision: current.revision, edits: [edit] });
  if (!saved.ok) return saved;
  if (saved.value.saved && saved.value.refused) return err({ code: 'refused', problems: saved.value.refused.problems });
  return saved.value.saved
    ? ok({ treeId: tree.id, notes })
    : err({ code: 'refused', problems: ['The stored tree was changed while the file was read. Nothing was replaced; try again.'] });
}

/** A tree of its own with everything in it, and what is said of people in it, for another group; null = no such tree. */
export async function copyTree(context: Context, treeId: string, name: string): Promise<string | null> {
  const stored = await findTree(context, treeId);
  if (!stored) return null;
  const ids = new Set((await findSummaries(context, 'tree')).map((item) => item.id));
  const copy = await storeTree(context, { ...stored.tree, name, id: freshId(name, ids) });
  for (const kind of ['athlete', 'opponent'] as const) {
    for (const { document, revision } of await findDocuments(context, kind)) {
      const person = document as unknown as Opponent;
      const game = person.games?.find((item) => item.tree === treeId);
      if (!game) continue;
      const next = withGame(person, { ...game, tree: copy.treeId }) as unknown as AnyDocument;
      await saveEdits(context, kind, person.id, {
        baseRevision: revision,
        edits: [editBetween(kind, document, next, `in the tree ${name}`)],
      });
    }
  }
  return copy.treeId;
}
