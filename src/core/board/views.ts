import { familyFacts, graphOf, indexOf, positionOf, type PositionId, type TreeDocument } from '../tree';
import { breadthFirst } from '../graph';

/** A tree with more positions is laid out away from the screen, never while its page is made. */
export const LARGE_TREE = 300;

const isStop = (tree: TreeDocument, id: PositionId): boolean => {
  const position = positionOf(indexOf(tree), id);
  return position.ends !== undefined || familyFacts(position.family).isHub;
};

/**
 * What belongs to one guard: everything within reach of it, up to and including the hubs and endings it leads to,
 * and one step beyond each hub. The guard itself is always part of it.
 */
export function guardPositions(tree: TreeDocument, guard: PositionId): ReadonlySet<PositionId> {
  const index = indexOf(tree);
  const { next, ids, numberOf } = graphOf(tree, { ownerOnly: true });
  const at = numberOf.get(guard)!;
  const edges = next.with(at, graphOf(tree).next[at]!);
  const within = breadthFirst(edges, [at], (_, from) => from === at || !isStop(tree, ids[from]!));
  const shown = new Set(within.order.map((i) => ids[i]!));
  for (const hub of [...shown]) {
    if (hub === guard || !familyFacts(positionOf(index, hub).family).isHub) continue;
    for (const i of next[numberOf.get(hub)!]!) shown.add(ids[i]!);
  }
  return shown;
}

/** The guard that a position belongs to: the start with the shortest way to it, itself if it is a start. */
export function guardOf(tree: TreeDocument, id: PositionId): PositionId | null {
  const { previous, ids, numberOf } = graphOf(tree, { ownerOnly: true });
  const starts = new Set(tree.starts.map((start) => start.position));
  const { order } = breadthFirst(previous, [numberOf.get(id)!]);
  const nearest = order.find((i) => starts.has(ids[i]!));
  return nearest === undefined ? (tree.starts[0]?.position ?? null) : ids[nearest]!;
}
