import { indexOf, landingsOf, LINES, type Line, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { linesChanged } from './cycles';

export interface LineChange {
  readonly transition: TransitionId;
  readonly to: PositionId;
  readonly gained: number;
  readonly lost: number;
}
export interface Ladder {
  /** Lines gained and lost by every transition that changes any, for each place it leads to, in document order. */
  readonly moves: readonly LineChange[];
  /** Positions that hold a line above one that is missing. */
  readonly gaps: readonly { readonly position: PositionId; readonly missing: readonly Line[] }[];
  /** The transitions that lose the most lines at once, loops included; empty if none loses any. */
  readonly largestRegress: { readonly lost: number; readonly transitions: readonly TransitionId[] };
}

/** Progress over the lines of defence (MODEL §2, ladder). */
export function findLadder(tree: TreeDocument): Ladder {
  const index = indexOf(tree);
  const moves = tree.transitions
    .flatMap((transition) =>
      landingsOf(transition).map((to) => ({ transition: transition.id, to, ...linesChanged(index, transition.from, to) })),
    )
    .filter((move) => move.gained > 0 || move.lost > 0);
  const lost = moves.reduce((most, move) => Math.max(most, move.lost), 0);
  const gaps = tree.positions.flatMap((position) => {
    const highest = Math.max(...position.lines.map((line) => LINES.indexOf(line)));
    const missing = LINES.filter((line, i) => i < highest && !position.lines.includes(line));
    return missing.length > 0 ? [{ position: position.id, missing }] : [];
  });
  return {
    moves,
    gaps,
    largestRegress: {
      lost,
      transitions: lost === 0 ? [] : [...new Set(moves.filter((move) => move.lost === lost).map((move) => move.transition))],
    },
  };
}
