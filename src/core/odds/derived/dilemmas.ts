import { atOnce, partOf, type InPieces } from '../../base';
import { solveGame, type MatrixGame } from '../../games';
import type { PositionId, TransitionId, TreeDocument } from '../../tree';
import { oddsModelOf, type Place } from '../process/cells';
import { kernelOf, leftOutAt, type Kernel } from '../process/kernel';
import type { KnowingSolution } from '../knowing';
import { worthUnseen } from '../process/leftOut';
import { NOWHERE_KNOWN, type Elsewhere, type HeKnowsYourGame } from '../question';
import { TIE, worthOf } from '../roundClock';
import { seesItFirst } from '../solved';
import { solveKnowingInPieces } from '../knowing';

/** What two options at one position are worth together and alone, against one who knows the game. */
export interface Strength {
  readonly position: PositionId;
  readonly a: TransitionId;
  readonly b: TransitionId;
  /** In points of V at the position, in [0, 1]: what having both adds to the better of them. */
  readonly strength: number;
  /** What each is worth alone, and how often each is chosen unread where only these two can be, in [0, 1]. */
  readonly alone: readonly [number, number];
  readonly mix: readonly [number, number];
  /** One brings no more than the other, whatever he shows; null = each is the better one against something. */
  readonly never: TransitionId | null;
}

/** Less than this is told as nothing: it only looks like a dilemma. */
export const SLIGHT = 0.0025;

/** Entries of question 2 with only some of the rows, no hold: what is read is the best of these. */
function gameOf(k: Kernel, solution: KnowingSolution, state: number, rows: readonly number[]): MatrixGame {
  const { freely, roundSeconds } = solution;
  const readSkill = solution.readAt[state]!;
  const [from, to] = [k.firstColumn[state]!, k.firstColumn[state + 1]!];
  // A show that was left out is one more that he may pick, worth what it is at least.
  const unseen = k.unseen[state];
  const columns = to - from + (unseen ? 1 : 0);
  const entries = new Float64Array(rows.length * columns);
  const habit = new Float64Array(rows.length);
  for (let c = from; c < to; c++) {
    const unread = new Float64Array(rows.length);
    let read = 0;
    for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
      const worths = rows.map((a) => worthOf(solution, k.firstCell[m]! + a, roundSeconds));
      worths.forEach((worth, i) => void (unread[i]! += k.momentShare[m]! * worth));
      read += k.momentShare[m]! * Math.max(...worths);
    }
    rows.forEach((_, i) => {
      const entry = readSkill * read + (1 - readSkill) * unread[i]!;
      entries[i * columns + c - from] = entry;
      habit[i]! += k.columnShare[c]! * entry;
    });
  }
  if (unseen) {
    const worths = rows.map((a) => worthUnseen(unseen[a]!, solution.value, k.states, roundSeconds, 'least'));
    const { shows } = leftOutAt(k, state);
    worths.forEach((worth, i) => {
      const entry = readSkill * Math.max(...worths) + (1 - readSkill) * worth;
      entries[i * columns + columns - 1] = entry;
      habit[i]! += shows * entry;
    });
  }
  rows.forEach((_, i) => {
    for (let j = 0; j < columns; j++) entries[i * columns + j] = freely * entries[i * columns + j]! + (1 - freely) * habit[i]!;
  });
  return { rows: rows.length, columns, entries };
}

const worst = ({ columns, entries }: MatrixGame): number => {
  let least = Infinity;
  for (let j = 0; j < columns; j++) least = Math.min(least, entries[j]!);
  return least;
};

function neverBetter({ columns, entries }: MatrixGame, a: TransitionId, b: TransitionId): TransitionId | null {
  let [aBetter, bBetter] = [false, false];
  for (let j = 0; j < columns; j++) {
    const more = entries[j]! - entries[columns + j]!;
    if (more > TIE) aBetter = true;
    if (more < -TIE) bBetter = true;
  }
  if (aBetter && bBetter) return null;
  return aBetter ? b : a;
}

/** The pairs of rows of a place that are options (no hold), in the coach's order. */
const pairsOf = (place: Place): [number, number][] => {
  const count = place.rows.length - 1;
  return Array.from({ length: count }, (_, i) => Array.from({ length: count - i - 1 }, (_, j): [number, number] => [i, i + j + 1])).flat();
};

/**
 * Every pair of the owner's options at a position with its strength (MODEL §4, derived): the value of the matrix of question 2 with only
 * these two, less the better of the two alone; what follows is worth what it is worth. None where he sees the choice before he picks.
 */
export function* findStrengthsInPieces(
  tree: TreeDocument,
  question: HeKnowsYourGame,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<readonly Strength[]> {
  const model = oddsModelOf(tree, elsewhere, undefined, question.points);
  const kernel = kernelOf(model, false);
  const seesIt = seesItFirst(model);
  const solution = yield* partOf(solveKnowingInPieces(kernel, question, seesIt), 0, 0.9);
  const found: Strength[] = [];
  for (const [state, place] of model.places.entries()) {
    if (!place || seesIt[state] === 1) continue;
    const alone = place.rows.map((row, a) => (row === null ? 0 : worst(gameOf(kernel, solution, state, [a]))));
    for (const [i, j] of pairsOf(place)) {
      const game = gameOf(kernel, solution, state, [i, j]);
      const { value, row } = solveGame(game);
      const strength = Math.max(0, value - Math.max(alone[i]!, alone[j]!));
      found.push({
        position: place.position.id,
        a: place.rows[i]!.id,
        b: place.rows[j]!.id,
        strength,
        alone: [alone[i]!, alone[j]!],
        mix: [row[0]!, row[1]!],
        never: neverBetter(game, place.rows[i]!.id, place.rows[j]!.id),
      });
    }
    if (state % 20 === 0) yield 0.9 + (0.1 * state) / model.states;
  }
  return found.toSorted((a, b) => b.strength - a.strength);
}

/** The same at once. */
export const findStrengths = (tree: TreeDocument, question: HeKnowsYourGame): readonly Strength[] =>
  atOnce(findStrengthsInPieces(tree, question));
