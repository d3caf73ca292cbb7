import type { Position, Transition, TreeDocument } from '@/core/tree';
import type { Db } from '../db/client';

interface Placed<T> {
  readonly ordinal: number;
  readonly record: T;
}

/** Records that are new, changed or moved between two versions, with their place; and the ids that are gone. */
function difference<T extends { readonly id: string }>(before: readonly T[], after: readonly T[]): { put: Placed<T>[]; gone: string[] } {
  const was = new Map(before.map((record, ordinal) => [record.id, { ordinal, record }]));
  const kept = new Set(after.map((record) => record.id));
  return {
    put: after
      .map((record, ordinal) => ({ ordinal, record }))
      .filter(({ ordinal, record }) => was.get(record.id)?.record !== record || was.get(record.id)?.ordinal !== ordinal),
    gone: before.filter((record) => !kept.has(record.id)).map((record) => record.id),
  };
}

async function putPositions(db: Db, gymId: string, treeId: string, put: readonly Placed<Position>[]): Promise<void> {
  if (put.length === 0) return;
  const rows = put.map(({ ordinal, record }) => ({
    gym_id: gymId, tree_id: treeId, position_id: record.id, ordinal, name: record.name, family: record.family, body: db.json(record as never),
  })); // prettier-ignore
  for (let i = 0; i < rows.length; i += 1000) {
    await db`insert into positions ${db(rows.slice(i, i + 1000) as never)} on conflict (gym_id, tree_id, position_id)
      do update set ordinal = excluded.ordinal, name = excluded.name, family = excluded.family, body = excluded.body`;
  }
}

async function putTransitions(db: Db, gymId: string, treeId: string, put: readonly Placed<Transition>[]): Promise<void> {
  if (put.length === 0) return;
  const rows = put.map(({ ordinal, record }) => ({
    gym_id: gymId, tree_id: treeId, transition_id: record.id, ordinal, from_position: record.from, to_position: record.to,
    actor: record.actor, name: record.name, body: db.json(record as never),
  })); // prettier-ignore
  for (let i = 0; i < rows.length; i += 1000) {
    await db`insert into transitions ${db(rows.slice(i, i + 1000) as never)} on conflict (gym_id, tree_id, transition_id)
      do update set ordinal = excluded.ordinal, from_position = excluded.from_position, to_position = excluded.to_position,
        actor = excluded.actor, name = excluded.name, body = excluded.body`;
  }
}

/** Writes only the rows that differ between two versions of a tree; `before` null = all. Inside a transaction. */
export async function writeTreeRows(db: Db, gymId: string, before: TreeDocument | null, after: TreeDocument): Promise<void> {
  const positions = difference(before?.positions ?? [], after.positions);
  const transitions = difference(before?.transitions ?? [], after.transitions);
  if (transitions.gone.length > 0)
    await db`delete from transitions where gym_id = ${gymId} and tree_id = ${after.id} and transition_id in ${db(transitions.gone)}`;
  await putPositions(db, gymId, after.id, positions.put);
  await putTransitions(db, gymId, after.id, transitions.put);
  if (positions.gone.length > 0)
    await db`delete from positions where gym_id = ${gymId} and tree_id = ${after.id} and position_id in ${db(positions.gone)}`;
}
