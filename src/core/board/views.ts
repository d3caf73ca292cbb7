import { graphOf, type PositionId, type TreeDocument } from '../tree';
import { breadthFirst } from '../graph';

/** A tree with more positions is laid out away from the screen, never while its page is made. */
export const LARGE_TREE = 300;

/** What belongs to one guard: itself, what he can do to me there, and everything that my moves lead to from it, up to the endings. */
export function guardPositions(tree: TreeDocument, guard: PositionId): ReadonlySet<PositionId> {
  const { next, ids, numberOf } = graphOf(tree, { ownerOnly: true });
  const at = numberOf.get(guard)!;
  const mine = breadthFirst(next, [at]).order;
  return new Set([...mine, ...graphOf(tree).next[at]!].map((i) => ids[i]!));
}

/** The guard that a position belongs to: the start with the shortest way to it, itself if it is a start. */
export function guardOf(tree: TreeDocument, id: PositionId): PositionId | null {
  const { previous, ids, numberOf } = graphOf(tree, { ownerOnly: true });
  const starts = new Set(tree.starts.map((start) => start.position));
  const { order } = breadthFirst(previous, [numberOf.get(id)!]);
  const nearest = order.find((i) => starts.has(ids[i]!));
  return nearest === undefined ? (tree.starts[0]?.position ?? null) : ids[nearest]!;
}
