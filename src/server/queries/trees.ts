import { diffSchema } from '@/contracts/changes';
import { z } from 'zod';
import { headerSchema, positionSchema, transitionSchema } from '@/contracts/treeDocument';
import { headerOf, type Diff, type TreeDocument } from '@/core/tree';
import type { Db } from '../db/client';

const treeRow = z.object({ revision: z.number(), header: headerSchema });
export interface StoredTree {
  readonly tree: TreeDocument;
  readonly revision: number;
}
export interface TreeSummary {
  readonly treeId: string;
  readonly name: string;
  readonly revision: number;
  readonly positions: number;
  readonly updatedAt: Date;
}
export interface StoredChange {
  readonly revision: number;
  readonly label: string;
  readonly madeAt: Date;
  /** Null = the window did not say. */
  readonly madeBy: string | null;
}

export const manyTrees = (db: Db, gymId: string): Promise<TreeSummary[]> => db<TreeSummary[]>`
  select t.tree_id, t.name, t.revision, t.updated_at,
    (select count(*)::int from positions p where p.gym_id = t.gym_id and p.tree_id = t.tree_id) as positions
  from trees t where t.gym_id = ${gymId} order by t.updated_at desc, t.tree_id`;

/** The whole tree with its revision; `lock` holds its row until the transaction ends. Rows are parsed by the contract. */
export async function maybeOneTree(db: Db, gymId: string, treeId: string, { lock = false } = {}): Promise<StoredTree | null> {
  const [row] =
    await db`select revision, header from trees where gym_id = ${gymId} and tree_id = ${treeId} ${lock ? db`for update` : db``}`;
  if (!row) return null;
  const { revision, header } = treeRow.parse(row);
  const [positions, transitions] = await Promise.all([
    db`select body from positions where gym_id = ${gymId} and tree_id = ${treeId} order by ordinal, position_id`,
    db`select body from transitions where gym_id = ${gymId} and tree_id = ${treeId} order by ordinal, transition_id`,
  ]);
  const tree: TreeDocument = {
    ...header,
    positions: positions.map((item) => positionSchema.parse(item.body)),
    transitions: transitions.map((item) => transitionSchema.parse(item.body)),
  };
  return { tree, revision };
}

/** The revision alone: what a window asks when it comes back to the front. */
export async function maybeOneRevision(db: Db, gymId: string, treeId: string): Promise<number | null> {
  const [row] = await db<{ revision: number }[]>`select revision from trees where gym_id = ${gymId} and tree_id = ${treeId}`;
  return row?.revision ?? null;
}

/** False if the id is taken. */
export async function insertTree(db: Db, gymId: string, tree: TreeDocument): Promise<boolean> {
  const header = headerOf(tree);
  const rows = await db`
    insert into trees (gym_id, tree_id, name, owner, header) values (${gymId}, ${tree.id}, ${tree.name}, ${tree.owner}, ${db.json(header as never)})
    on conflict (gym_id, tree_id) do nothing returning tree_id`;
  return rows.length === 1;
}

/** True if the tree was still at `baseRevision`; it is then one further. */
export async function advanceRevision(db: Db, gymId: string, tree: TreeDocument, baseRevision: number): Promise<boolean> {
  const rows = await db`
    update trees set revision = revision + 1, updated_at = now(), name = ${tree.name}, owner = ${tree.owner}, header = ${db.json(headerOf(tree) as never)}
    where gym_id = ${gymId} and tree_id = ${tree.id} and revision = ${baseRevision} returning revision`;
  return rows.length === 1;
}

export async function insertChange(db: Db, gymId: string, treeId: string, revision: number, diff: Diff, by: string | null): Promise<void> {
  await db`insert into tree_changes (gym_id, tree_id, revision, label, diff, made_by) values (${gymId}, ${treeId}, ${revision}, ${diff.label}, ${db.json(diff as never)}, ${by})`;
}
export const manyChangesSince = (db: Db, gymId: string, treeId: string, revision: number): Promise<StoredChange[]> => db<StoredChange[]>`
  select revision, label, made_at, made_by from tree_changes where gym_id = ${gymId} and tree_id = ${treeId} and revision > ${revision} order by revision`;

/** The positions that the last change touched: those of the diff, or where its transitions begin; empty without any change. */
export async function manyLastTouched(db: Db, gymId: string, treeId: string): Promise<string[]> {
  const rows = await db`
    select coalesce(change -> 'to' ->> 'from', change ->> 'id') as position_id
    from (select diff from tree_changes where gym_id = ${gymId} and tree_id = ${treeId} order by revision desc limit 1) as last,
      jsonb_array_elements(last.diff -> 'changes') with ordinality as changes (change, ordinal)
    where change ->> 'kind' in ('position', 'transition') order by ordinal`;
  return rows.map((row) => row.positionId as string);
}

/** Whole diffs later than a revision, latest first: what has to be undone to get back to it. */
export async function manyDiffsSince(db: Db, gymId: string, treeId: string, revision: number): Promise<Diff[]> {
  const rows = await db`
    select diff from tree_changes where gym_id = ${gymId} and tree_id = ${treeId} and revision > ${revision} order by revision desc`;
  return rows.map((row) => diffSchema.parse(row.diff) as Diff);
}
