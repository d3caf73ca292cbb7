import { describe, expect, it } from 'vitest';
import { randomOdds } from '../../../tests/support/randomOdds';
import { randomTree } from '../../../tests/support/randomTree';
import { atOnce } from '../base';
import { outlooksInPieces, startsAtOnce, type Outlook, type Policy } from './outlook';
import { oddsModelOf } from './process/cells';
import { kernelOf, type Kernel } from './process/kernel';
import { KNOWING_QUESTION, NOWHERE_KNOWN, ODDS_QUESTION, type OddsQuestion } from './question';
import { findOddsInPieces } from './report';
import { policyIn, solveInPieces } from './solved';

const SECONDS = 90;
function followed(seed: number, asked: OddsQuestion): { kernel: Kernel; policy: Policy } {
  const model = oddsModelOf(randomOdds(seed, 12), NOWHERE_KNOWN);
  const kernel = kernelOf(model, false);
  return { kernel, policy: policyIn(atOnce(solveInPieces(model, kernel, { ...asked, roundSeconds: SECONDS }))) };
}

/** All sums of an outlook one behind the other: arrivals, visits, time up, recoveries, seconds. */
const sumsOf = ({ arrivals, visits, timeUp, recoveries, expectedSeconds }: Outlook): number[] => [
  ...arrivals,
  ...visits,
  ...[timeUp, recoveries, expectedSeconds],
];
/** The same from a state with so many seconds left, as what follows from where each exchange leads. */
function literalSums(k: Kernel, policy: Policy): (state: number, left: number) => readonly number[] {
  const known = new Map<number, number[]>();
  const [timeUp, recoveries, seconds] = [0, 1, 2].map((i) => 2 * k.states + i) as [number, number, number];
  const from = (state: number, left: number): number[] => {
    const key = left * k.states + state;
    if (known.has(key)) return known.get(key)!;
    const sums = new Array<number>(2 * k.states + 3).fill(0);
    known.set(key, sums);
    if (!Number.isNaN(k.worth[state]!)) {
      sums[state] = 1;
      sums[seconds] = SECONDS - left;
    } else if (left === 0) {
      sums[timeUp] = 1;
      sums[seconds] = SECONDS;
    } else {
      const played: [number, number][] = [];
      policy(state, left, (cell, chance) => void played.push([cell, chance]));
      sums[k.states + state]!++;
      for (const [cell, share] of played) {
        const rest = left - k.seconds[cell]!;
        if (rest < 0) {
          sums[timeUp]! += share;
          sums[seconds]! += share * SECONDS;
          continue;
        }
        sums[recoveries]! += share * k.recovers[cell]!;
        for (let o = k.firstOutcome[cell]!; o < k.firstOutcome[cell + 1]!; o++)
          from(k.target[o]!, rest).forEach((sum, i) => void (sums[i]! += share * k.chance[o]! * sum));
      }
    }
    return sums;
  };
  return from;
}

describe('the outlook from several starts', () => {
  it('is what follows, exchange by exchange, from where each leads: endings, visits, time, recoveries, seconds', () => {
    for (const asked of [ODDS_QUESTION, { ...ODDS_QUESTION, readSkill: 0.4 }, KNOWING_QUESTION])
      for (const seed of [1, 2, 3, 4, 5, 6]) {
        const { kernel, policy } = followed(seed, asked);
        const literal = literalSums(kernel, policy);
        // One, and more than go at a step with some left over; endings among them, where nothing is left to play.
        for (const starts of [[0], [...Array(kernel.states).keys()]])
          atOnce(outlooksInPieces(kernel, policy, SECONDS, starts)).forEach((outlook, i) =>
            sumsOf(outlook).forEach((sum, at) => expect(sum).toBeCloseTo(literal(starts[i]!, SECONDS)[at]!, 10)),
          );
      }
  });
  it('is that from each alone, and so many are followed at once as the memory holds', () => {
    const { kernel, policy } = followed(5, { ...ODDS_QUESTION, readSkill: 0.7 });
    const starts = [0, 1, 2, 3, 4];
    const from = (some: readonly number[]) => atOnce(outlooksInPieces(kernel, policy, SECONDS, some));
    const together = from(starts);
    expect(together).toEqual(starts.flatMap((start) => from([start])));
    const reach = Math.max(...kernel.seconds.filter((seconds) => seconds <= SECONDS)) + 1;
    expect(startsAtOnce({ ...kernel, states: 5001 }, SECONDS) * reach * 5001).toBeLessThanOrEqual(4_000_000);
    expect(startsAtOnce({ ...kernel, states: 1e9 }, SECONDS)).toBe(1);
  });
  it('pauses at every second, so that the odds of a large tree can be given up meanwhile', () => {
    const shares: number[] = [];
    const pieces = findOddsInPieces(randomTree(1, { positions: 60, transitions: 180 }), { ...KNOWING_QUESTION, roundSeconds: SECONDS });
    for (let step = pieces.next(); !step.done; step = pieces.next()) if (typeof step.value === 'number') shares.push(step.value);
    expect(shares.filter((share) => share > 0.8 && share < 0.9).length).toBeGreaterThanOrEqual(SECONDS);
    expect(shares.every((share, i) => share >= (shares[i - 1] ?? 0))).toBe(true);
  });
});
