import type { InPieces } from '../../base';
import type { PositionId, TransitionId } from '../../tree';
import type { OddsModel } from '../process/cells';
import { outcomesOf, type Kernel } from '../process/kernel';
import type { Strategy } from '../knowing';
import { outlooksInPieces } from '../outlook';
import { worthOf } from '../roundClock';
import { isKnowing, policyIn, strategiesIn, type Solution } from '../solved';

/** A cell whose chance is the `works` of a move, with what one point more of it leads to and away from. */
interface Slope {
  readonly move: number;
  readonly states: readonly number[];
  readonly chances: readonly number[];
  readonly reward: number;
}

/** By cell, in the kernel's order; null = it does not depend on any `works`. */
function slopesOf(model: OddsModel, moves: TransitionId[]): (Slope | null)[] {
  const numbers = new Map<TransitionId, number>();
  const numberOf = (id: TransitionId): number => {
    if (!numbers.has(id)) numbers.set(id, moves.push(id) - 1);
    return numbers.get(id)!;
  };
  return model.places.flatMap((place, at) =>
    place === null
      ? []
      : place.cells.flat(2).map((cell, i): Slope | null => {
          const row = place.rows[i % place.rows.length]!;
          if (row === null || cell.fit !== 'works') return null;
          // What leads where is linear in the chance. At the kink, where works and off cue are the same, the slope above it counts.
          const isBelow = cell.success < cell.offCue;
          const of = (success: number) =>
            outcomesOf(model, at, place, { ...cell, success, unforeseen: isBelow ? success : cell.offCue }, place.undrawn);
          const [none, all] = [of(0), of(1)];
          return {
            move: numberOf(row.id),
            states: [...all.states, ...none.states],
            chances: [...all.chances, ...none.chances.map((chance) => -chance)],
            reward: all.reward - none.reward,
          };
        }),
  );
}

/** What it adds at a state to have seen what he shows, over the option that is taken unseen. */
function gainOfReading(solution: Solution, state: number, left: number, { mine, his, best }: Strategy): number {
  const { kernel: k } = solution;
  const freely = isKnowing(solution) ? solution.freely : 0;
  const from = k.firstColumn[state]!;
  const firstMoment = k.firstMoment[from]!;
  let sum = 0;
  for (let c = from; c < k.firstColumn[state + 1]!; c++) {
    const shown = (freely === 0 ? 0 : freely * his[c - from]!) + (1 - freely) * k.columnShare[c]!;
    if (shown === 0) continue;
    for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
      let gain = worthOf(solution, k.firstCell[m]! + best[m - firstMoment]!, left);
      for (let a = 0; a < mine.length; a++) if (mine[a]! > 0) gain -= mine[a]! * worthOf(solution, k.firstCell[m]! + a, left);
      sum += shown * k.momentShare[m]! * gain;
    }
  }
  return sum;
}

/** What the worth of the starts, all alike, grows with: dV by one unit of each chance, in [0, 1] a unit. */
export interface Slopes {
  /** Of each move's own `works`. */
  readonly practice: ReadonlyMap<TransitionId, number>;
  /** Of how often he is read at each position; empty where everything is read. */
  readonly reading: ReadonlyMap<PositionId, number>;
}

/**
 * First order at the solution's own strategy (the envelope theorem): one pass forward, Σ visits · dQ. Where everything is read there is
 * nothing that reading could add.
 */
export function* slopesInPieces(model: OddsModel, solution: Solution, starts: readonly number[]): InPieces<Slopes> {
  const moves: TransitionId[] = [];
  const slopes = slopesOf(model, moves);
  const { kernel, value, roundSeconds, readAt } = solution;
  const gains = new Float64Array(moves.length);
  const reading = new Float64Array(kernel.states);
  const worthAt = (state: number, left: number): number => value[left * kernel.states + state]!;
  const strategyAt = strategiesIn(solution);
  const isRead = readAt.some((chance) => chance < 1);
  yield* outlooksInPieces(kernel, policyIn(solution, strategyAt), roundSeconds, starts, {
    cell: (cell, left, chance) => {
      const slope = slopes[cell];
      const rest = left - kernel.seconds[cell]!;
      if (!slope || rest < 0) return;
      let sum = slope.reward;
      slope.states.forEach((state, i) => void (sum += slope.chances[i]! * worthAt(state, rest)));
      gains[slope.move]! += (chance * sum) / starts.length;
    },
    ...(isRead
      ? {
          faced: (state: number, left: number, times: number) =>
            void (
              readAt[state]! < 1 &&
              (reading[state]! += (times * gainOfReading(solution, state, left, strategyAt(state, left))) / starts.length)
            ),
        }
      : {}),
  });
  const read = model.places.flatMap((place, at): [PositionId, number][] =>
    place && readAt[at]! < 1 && isSeen(kernel, at) ? [[place.position.id, reading[at]!]] : [],
  );
  return { practice: new Map(moves.map((id, i) => [id, gains[i]!])), reading: new Map(isRead ? read : []) };
}

/** There is something to read. */
const isSeen = (k: Kernel, state: number): boolean => k.firstMoment[k.firstColumn[state + 1]!]! - k.firstMoment[k.firstColumn[state]!]! > 1;
