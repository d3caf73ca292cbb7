import type { Kernel } from './kernel';

/**
 * Worths of the cells from `first` up to `end`, whole states, with `left` seconds on the clock: as `worthOf` finds them one by one.
 * `value`: worth of a state with so many seconds, value[left * states + state]. The arrays stand in local names: this is the innermost
 * loop of the odds.
 */
export function worthsOf(k: Kernel, value: Float64Array, first: number, end: number, left: number, worths: Float64Array): void {
  const { states, seconds, firstOutcome, endOfLive, chance, target, certain } = k;
  for (let cell = first; cell < end; cell++) {
    const rest = left - seconds[cell]!;
    let sum = 0;
    if (rest >= 0) {
      const row = rest * states;
      sum = certain[cell]!;
      const last = endOfLive[cell]!;
      for (let i = firstOutcome[cell]!; i < last; i++) sum += chance[i]! * value[row + target[i]!]!;
    }
    worths[cell] = sum;
  }
}
