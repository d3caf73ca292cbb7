import type { InPieces } from '../base';
import { leftOutAt, readingsOf, type Kernel } from './process/kernel';
import { worthUnseen, type End } from './process/leftOut';
import { worthsOf } from './process/worths';
import type { Policy } from './outlook';

/** Options closer than this are equally good; the coach's order decides between them. */
export const TIE = 1e-12;

/** What every state is worth at every second of a round. */
export interface Valued {
  readonly kernel: Kernel;
  readonly roundSeconds: number;
  /** ρ by state. */
  readonly readAt: Float64Array;
  /** Worth of `state` with `left` seconds: value[left * states + state]. */
  readonly value: Float64Array;
}
export interface RoundSolution extends Valued {
  /** Row chosen at moment number `m` (over all positions in order) with `left` seconds: seen[left * moments + m]. */
  readonly seen: Int16Array;
  /** Row chosen without having seen what is shown: blind[left * states + state]; empty where everything is read. */
  readonly blind: Int16Array;
}

/** Worth of a cell with `left` seconds on the clock; what ends after the round is worth 0. */
export function worthOf({ kernel: k, value }: Pick<Valued, 'kernel' | 'value'>, cell: number, left: number): number {
  const rest = left - k.seconds[cell]!;
  if (rest < 0) return 0;
  const row = rest * k.states;
  let sum = k.certain[cell]!;
  for (let i = k.firstOutcome[cell]!; i < k.endOfLive[cell]!; i++) sum += k.chance[i]! * value[row + k.target[i]!]!;
  return sum;
}

/**
 * Backward induction over one-second steps (finite-horizon dynamic programming; Bellman 1957) against shares that are known:
 * V = ρ Σ_d w_d m_d + (1 − ρ) max_a Σ_d w_d Q, with m_d = Σ_t w_t max_a Q(a, d, t). Exact. `end`: shows left
 * out above the limit are worth what they are at least (lower bound), or at most (upper bound).
 * In pieces of a second of the round. Time O(roundSeconds × outcomes), memory O(roundSeconds × (states + moments)).
 */
export function* solveRoundInPieces(
  kernel: Kernel,
  { roundSeconds, readSkill }: { readonly roundSeconds: number; readonly readSkill: number },
  end: End = 'least',
): InPieces<RoundSolution> {
  const { states, worth, momentShare } = kernel;
  const readAt = readingsOf(kernel, readSkill);
  const isBlind = readAt.some((chance) => chance < 1);
  const solution: RoundSolution = {
    kernel,
    roundSeconds,
    readAt,
    value: new Float64Array((roundSeconds + 1) * states),
    seen: new Int16Array((roundSeconds + 1) * momentShare.length),
    blind: new Int16Array(isBlind ? (roundSeconds + 1) * states : 0),
  };
  const room = {
    unread: new Float64Array(kernel.rows.reduce((most, count) => Math.max(most, count), 0)),
    worths: new Float64Array(kernel.certain.length),
  };
  for (let left = 0; left <= roundSeconds; left++) {
    for (let state = 0; state < states; state++) if (!Number.isNaN(worth[state]!)) solution.value[left * states + state] = worth[state]!;
    if (left > 0) solveSecond(solution, left, end, room);
    yield left / roundSeconds;
  }
  return solution;
}

/** Used again and again: what each option of a state is worth unread, and what each cell is. */
interface Room {
  readonly unread: Float64Array;
  readonly worths: Float64Array;
}

/** One second of the induction; the arrays stand in local names. */
function solveSecond({ kernel, value, seen, blind, readAt }: RoundSolution, left: number, end: End, { unread, worths }: Room): void {
  const { states, rows, firstColumn, columnShare, firstMoment, momentShare, firstCell, worth, unseen } = kernel;
  const moments = momentShare.length;
  const tie = TIE;
  worthsOf(kernel, value, 0, worths.length, left, worths);
  for (let state = 0; state < states; state++) {
    if (!Number.isNaN(worth[state]!)) continue;
    const count = rows[state]!;
    const readSkill = readAt[state]!;
    const isBlind = readSkill < 1;
    let read = 0;
    if (isBlind) unread.fill(0, 0, count);
    for (let c = firstColumn[state]!; c < firstColumn[state + 1]!; c++) {
      for (let m = firstMoment[c]!; m < firstMoment[c + 1]!; m++) {
        const share = columnShare[c]! * momentShare[m]!;
        const first = firstCell[m]!;
        let best = -Infinity;
        let chosen = 0;
        for (let a = 0; a < count; a++) {
          const worth = worths[first + a]!;
          if (worth > best + tie) {
            best = worth;
            chosen = a;
          }
          if (isBlind) unread[a]! += share * worth;
        }
        seen[left * moments + m] = chosen;
        read += share * best;
      }
    }
    if (unseen[state]) {
      const { shows, moments } = leftOutAt(kernel, state);
      const share = 1 - (1 - shows) * (1 - moments);
      const most = unseen[state]!.map((option) => worthUnseen(option, value, states, left, end));
      read += share * Math.max(...most);
      if (isBlind) most.forEach((of, a) => void (unread[a]! += share * of));
    }
    let worthHere = read;
    if (isBlind) {
      let best = 0;
      for (let a = 1; a < count; a++) if (unread[a]! > unread[best]! + tie) best = a;
      blind[left * states + state] = best;
      worthHere = readSkill * read + (1 - readSkill) * unread[best]!;
    }
    value[left * states + state] = worthHere;
  }
}

/** What the solution does: the option that is best against what is seen, or best without having seen it. */
export function policyOf({ kernel: k, seen, blind, readAt }: RoundSolution): Policy {
  const moments = k.momentShare.length;
  return (state, left, take) => {
    const readSkill = readAt[state]!;
    for (let c = k.firstColumn[state]!; c < k.firstColumn[state + 1]!; c++)
      for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
        const share = k.columnShare[c]! * k.momentShare[m]!;
        if (share === 0) continue;
        take(k.firstCell[m]! + seen[left * moments + m]!, share * readSkill);
        if (readSkill < 1) take(k.firstCell[m]! + blind[left * k.states + state]!, share * (1 - readSkill));
      }
  };
}
