import type { InPieces } from '../base';
import type { OddsModel } from './model';

/** Options closer than this are equally good; the coach's order decides between them. */
const TIE = 1e-12;

/** The decision process as flat arrays: shows, their options and the options' outcomes lie one behind the other. */
interface Kernel {
  readonly states: number;
  readonly firstShow: Int32Array;
  readonly share: Float64Array;
  readonly firstOption: Int32Array;
  readonly seconds: Int32Array;
  /** Outcomes of an option: first those where play goes on, from `endOfLive` those that end it. */
  readonly firstOutcome: Int32Array;
  readonly endOfLive: Int32Array;
  readonly chance: Float64Array;
  readonly target: Int32Array;
  /** What an option's final outcomes are worth together, in time. */
  readonly certain: Float64Array;
  readonly worth: Float64Array;
  readonly missing: Float64Array;
}

/** A kernel of the model's size with nothing in it yet. */
function emptyKernel({ states, worth, missing, shows: all }: OddsModel): Kernel {
  const shows = all.flat();
  const options = shows.flatMap((show) => show.options);
  const outcomes = options.reduce((sum, option) => sum + option.outcomes.length, 0);
  return {
    states,
    firstShow: new Int32Array(all.length + 1),
    share: new Float64Array(shows.length),
    firstOption: new Int32Array(shows.length + 1),
    seconds: new Int32Array(options.length),
    firstOutcome: new Int32Array(options.length + 1),
    endOfLive: new Int32Array(options.length),
    chance: new Float64Array(outcomes),
    target: new Int32Array(outcomes),
    certain: new Float64Array(options.length),
    worth,
    missing,
  };
}

function kernelOf(model: OddsModel): Kernel {
  const { worth } = model;
  const kernel = emptyKernel(model);
  const at = { show: 0, option: 0, outcome: 0 };
  model.shows.forEach((shows, position) => {
    for (const show of shows) {
      kernel.share[at.show] = show.share;
      for (const option of show.options) {
        kernel.seconds[at.option] = option.seconds;
        let live = at.outcome;
        let final = at.outcome + option.outcomes.length;
        kernel.firstOutcome[at.option + 1] = at.outcome = final;
        for (const { state, chance } of option.outcomes) {
          const goesOn = Number.isNaN(worth[state]!);
          const slot = goesOn ? live++ : --final;
          kernel.chance[slot] = chance;
          kernel.target[slot] = state;
          if (!goesOn) kernel.certain[at.option]! += chance * worth[state]!;
        }
        kernel.endOfLive[at.option++] = live;
      }
      kernel.firstOption[++at.show] = at.option;
    }
    kernel.firstShow[position + 1] = at.show;
  });
  return kernel;
}

export interface RoundSolution {
  readonly roundSeconds: number;
  /** Chance of reaching a goal from `state` with `left` seconds: value[left * states + state], in [0, 1]. */
  readonly value: Float64Array;
  /** Chosen option of show number `s` (over all positions in order) with `left` seconds: choice[left * shows + s]. */
  readonly choice: Int16Array;
  readonly firstShow: Int32Array;
  readonly kernel: Kernel;
}

/** Worth of option `o` with `left` seconds on the clock; what ends after the round is worth 0. */
function worthOf(k: Kernel, value: Float64Array, o: number, left: number): number {
  const rest = left - k.seconds[o]!;
  if (rest < 0) return 0;
  const row = rest * k.states;
  let sum = k.certain[o]!;
  for (let i = k.firstOutcome[o]!; i < k.endOfLive[o]!; i++) sum += k.chance[i]! * value[row + k.target[i]!]!;
  return sum;
}

/**
 * Backward induction over one-second steps (finite-horizon dynamic programming; Bellman 1957), reading skill 1.
 * Exact. `missingWorth` is what shows left out above the limit are worth: 0 for the lower, 1 for the upper bound.
 * In pieces of a second of the round. Time O(roundSeconds × outcomes), memory O(roundSeconds × (states + shows)).
 */
export function* solveRoundInPieces(model: OddsModel, roundSeconds: number, missingWorth: 0 | 1 = 0): InPieces<RoundSolution> {
  const k = kernelOf(model);
  const showCount = k.share.length;
  const value = new Float64Array((roundSeconds + 1) * k.states);
  const choice = new Int16Array((roundSeconds + 1) * showCount);
  for (let left = 0; left <= roundSeconds; left++) {
    for (let state = 0; state < k.states; state++) if (!Number.isNaN(k.worth[state]!)) value[left * k.states + state] = k.worth[state]!;
    if (left > 0) solveSecond(k, value, choice, left, missingWorth);
    yield left / roundSeconds;
  }
  return { roundSeconds, value, choice, firstShow: k.firstShow, kernel: k };
}

/** One second of the induction. The arrays stand in local names: this is the innermost loop of the odds. */
function solveSecond(k: Kernel, value: Float64Array, choice: Int16Array, left: number, missingWorth: 0 | 1): void {
  const { states, firstShow, share, firstOption, seconds, firstOutcome, endOfLive, chance, target, certain, worth, missing } = k;
  const showCount = share.length;
  for (let state = 0; state < firstShow.length - 1; state++) {
    if (!Number.isNaN(worth[state]!)) continue;
    let total = missing[state]! * missingWorth;
    for (let s = firstShow[state]!; s < firstShow[state + 1]!; s++) {
      const first = firstOption[s]!;
      let best = -1;
      let chosen = first;
      for (let o = first; o < firstOption[s + 1]!; o++) {
        const rest = left - seconds[o]!;
        let sum = 0;
        if (rest >= 0) {
          const row = rest * states;
          sum = certain[o]!;
          for (let i = firstOutcome[o]!; i < endOfLive[o]!; i++) sum += chance[i]! * value[row + target[i]!]!;
        }
        if (sum > best + TIE) {
          best = sum;
          chosen = o;
        }
      }
      choice[left * showCount + s] = chosen - first;
      total += share[s]! * best;
    }
    value[left * states + state] = total;
  }
}

/** Worth in [0, 1] of every option of show number `s` with a full round left, in the model's order. */
export function optionWorths(solution: RoundSolution, s: number): number[] {
  const { kernel, value, roundSeconds } = solution;
  const [first, end] = [kernel.firstOption[s]!, kernel.firstOption[s + 1]!];
  return Array.from({ length: end - first }, (_, i) => worthOf(kernel, value, first + i, roundSeconds));
}

export interface Outlook {
  /** Chance of arriving at each state; only endings and LOST are final. */
  readonly arrivals: Float64Array;
  /** Chance that the clock runs out first. */
  readonly timeUp: number;
  /** Expected seconds until an ending, a lost exchange or the end of the round. */
  readonly expectedSeconds: number;
  /** Expected number of times the athletes face each other at each position, with a decision to make. */
  readonly visits: Float64Array;
}

/** Follows the solution's choices forward from one start with a full round. Chances of endings, lost and time sum to 1. */
export function outlookFrom(solution: RoundSolution, start: number): Outlook {
  const { kernel: k, choice, roundSeconds } = solution;
  const showCount = k.share.length;
  const mass = new Float64Array((roundSeconds + 1) * k.states);
  const arrivals = new Float64Array(k.states);
  const visits = new Float64Array(k.states);
  let timeUp = 0;
  let expectedSeconds = 0;
  mass[roundSeconds * k.states + start] = 1;
  for (let left = roundSeconds; left >= 0; left--) {
    for (let state = 0; state < k.states; state++) {
      const here = mass[left * k.states + state]!;
      if (here === 0) continue;
      if (!Number.isNaN(k.worth[state]!)) {
        arrivals[state]! += here;
        expectedSeconds += here * (roundSeconds - left);
        continue;
      }
      if (left === 0) {
        timeUp += here;
        expectedSeconds += here * roundSeconds;
        continue;
      }
      visits[state]! += here;
      const missing = here * k.missing[state]!;
      arrivals[k.states - 2]! += missing;
      expectedSeconds += missing * (roundSeconds - left);
      for (let s = k.firstShow[state]!; s < k.firstShow[state + 1]!; s++) {
        const o = k.firstOption[s]! + choice[left * showCount + s]!;
        const rest = left - k.seconds[o]!;
        const shown = here * k.share[s]!;
        if (rest < 0) {
          timeUp += shown;
          expectedSeconds += shown * roundSeconds;
          continue;
        }
        for (let i = k.firstOutcome[o]!; i < k.firstOutcome[o + 1]!; i++) mass[rest * k.states + k.target[i]!]! += shown * k.chance[i]!;
      }
    }
  }
  return { arrivals, timeUp, expectedSeconds, visits };
}
