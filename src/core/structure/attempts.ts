import {
  heightOf,
  indexOf,
  isGoal,
  landingsOf,
  LINES,
  ownerOptions,
  positionOf,
  type Line,
  type PositionId,
  type TreeDocument,
} from '../tree';
import { linesChanged } from './cycles';

/** The highest line of a place, if a move of mine into it is said to clear it; null = none claims it. */
export function lineClaimedAt(tree: TreeDocument, at: PositionId): Line | null {
  const index = indexOf(tree);
  const { lines, ends, unfinished } = positionOf(index, at);
  const top = LINES[heightOf(lines) - 1];
  if (top === undefined || ends || unfinished) return null;
  const clears = index.to.get(at)!.some((move) => move.actor === 'owner' && !positionOf(index, move.from).lines.includes(top));
  return clears ? top : null;
}

/** Attempts that nothing of mine finishes: from there no move clears a line or gets to a goal. In document order. */
export function findOpenAttempts(tree: TreeDocument): PositionId[] {
  const index = indexOf(tree);
  const finishes = (from: PositionId, to: PositionId): boolean => {
    const { ends } = positionOf(index, to);
    return (ends !== undefined && isGoal(tree, ends)) || linesChanged(index, from, to).gained > 0;
  };
  return tree.positions
    .filter(({ id, unfinished }) => unfinished && !ownerOptions(index, id).some((move) => landingsOf(move).some((to) => finishes(id, to))))
    .map(({ id }) => id);
}
