import { indexOf, type PositionId, type TreeDocument, reachablePositions } from '../tree';

/** Reachable positions with no way out, no ending and no continuation elsewhere. */
export function findDeadEnds(tree: TreeDocument): PositionId[] {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  return tree.positions
    .filter((p) => reachable.has(p.id) && !p.ends && !p.continuesIn && index.from.get(p.id)!.length === 0)
    .map((position) => position.id);
}

/** Positions that no start leads to. */
export function findUnreachable(tree: TreeDocument): PositionId[] {
  const reachable = reachablePositions(tree);
  return tree.positions.filter((position) => !reachable.has(position.id)).map((position) => position.id);
}
