import { indexOf, positionOf, type PositionId, type TreeDocument } from '../tree';

/** A tree with more positions is laid out away from the screen, never while its page is made. */
export const LARGE_TREE = 300;

const isStop = (tree: TreeDocument, id: PositionId): boolean => {
  const position = positionOf(indexOf(tree), id);
  return position.ends !== undefined || position.family === 'hub';
};

/**
 * What belongs to one guard: everything within reach of it, up to and including the hubs and endings it leads to,
 * and one step beyond each hub. The guard itself is always part of it.
 */
export function guardPositions(tree: TreeDocument, guard: PositionId): ReadonlySet<PositionId> {
  const index = indexOf(tree);
  const shown = new Set([guard]);
  const open = [guard];
  while (open.length > 0) {
    const at = open.pop()!;
    if (at !== guard && isStop(tree, at)) continue;
    for (const move of index.from.get(at) ?? []) {
      if (shown.has(move.to) || (move.actor === 'opponent' && at !== guard)) continue;
      shown.add(move.to);
      open.push(move.to);
    }
  }
  for (const hub of [...shown]) {
    if (hub === guard || positionOf(index, hub).family !== 'hub') continue;
    for (const move of index.from.get(hub) ?? []) if (move.actor === 'owner') shown.add(move.to);
  }
  return shown;
}

/** The guard that a position belongs to: the start with the shortest way to it, itself if it is a start. */
export function guardOf(tree: TreeDocument, id: PositionId): PositionId | null {
  const index = indexOf(tree);
  const starts = new Set(tree.starts.map((start) => start.position));
  const seen = new Set([id]);
  const open = [id];
  for (let i = 0; i < open.length; i++) {
    if (starts.has(open[i]!)) return open[i]!;
    for (const move of index.to.get(open[i]!) ?? []) {
      if (move.actor !== 'owner' || seen.has(move.from)) continue;
      seen.add(move.from);
      open.push(move.from);
    }
  }
  return tree.starts[0]?.position ?? null;
}
