import type { TransitionId } from '../../tree';
import type { OddsModel } from '../cells';
import { outcomesOf } from '../kernel';
import { outlooksFrom } from '../outlook';
import { policyIn, type Solution } from '../solved';

/** A cell whose chance is the `works` of a move, with what one point more of it leads to and away from. */
interface Slope {
  readonly move: number;
  readonly states: readonly number[];
  readonly chances: readonly number[];
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
          };
        }),
  );
}

/**
 * How much the worth of the starts, all alike, grows with each move's own `works`: dV/d works, in [0, 1] a unit of chance. First
 * order at the solution's own strategy (the envelope theorem): one pass forward, Σ visits · dQ / d works.
 */
export function worthOfPractice(model: OddsModel, solution: Solution, starts: readonly number[]): ReadonlyMap<TransitionId, number> {
  const moves: TransitionId[] = [];
  const slopes = slopesOf(model, moves);
  const { kernel, value, roundSeconds } = solution;
  const gains = new Float64Array(moves.length);
  const worthAt = (state: number, left: number): number => value[left * kernel.states + state]!;
  outlooksFrom(kernel, policyIn(solution), roundSeconds, starts, (cell, left, chance) => {
    const slope = slopes[cell];
    const rest = left - kernel.seconds[cell]!;
    if (!slope || rest < 0) return;
    let sum = 0;
    slope.states.forEach((state, i) => void (sum += slope.chances[i]! * worthAt(state, rest)));
    gains[slope.move]! += (chance * sum) / starts.length;
  });
  return new Map(moves.map((id, i) => [id, gains[i]!]));
}
