import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { callFeeder } from './caller';

const shares = fc.array(fc.nat(20), { minLength: 1, maxLength: 6 }).filter((list) => list.some((item) => item > 0));

describe('the feeder’s calls', () => {
  it('keep every value within its bounds over any ten, never call a share of 0, and are the same for the same seed', () => {
    fc.assert(
      fc.property(shares, fc.integer({ min: 1, max: 1e6 }), (parts, seed) => {
        const total = parts.reduce((sum, part) => sum + part, 0);
        const list = parts.map((part) => part / total);
        const calls = callFeeder(list, 60, seededRandom(seed));
        expect(calls).toEqual(callFeeder(list, 60, seededRandom(seed)));
        expect(calls).toHaveLength(60);
        for (let from = 0; from + 10 <= calls.length; from++)
          list.forEach((share, value) => {
            const count = calls.slice(from, from + 10).filter((call) => call === value).length;
            expect(count).toBeGreaterThanOrEqual(Math.ceil(10 * share - 1 - 1e-9));
            expect(count).toBeLessThanOrEqual(share === 0 ? 0 : Math.floor(10 * share + 1 + 1e-9));
          });
      }),
      { numRuns: 200, seed: 5 },
    );
  });
  it('have no period, and leave a choice of two in at least a third of the calls', () => {
    const runs = Array.from({ length: 200 }, (_, seed) => callFeeder([0.5, 0.3, 0.2], 31, seededRandom(seed + 1)));
    // Where two runs with the same past go on differently there was a choice.
    const byPast = new Map<string, Set<number>>();
    for (const run of runs) {
      const past = run.slice(20, 30).join('');
      byPast.set(past, (byPast.get(past) ?? new Set()).add(run[30]!));
    }
    const seen = [...byPast.values()];
    expect(seen.filter((next) => next.size > 1).length).toBeGreaterThan(0);
    expect(new Set(runs.map((run) => run.join(''))).size).toBeGreaterThan(190);
    for (const period of [2, 3, 4, 5, 10]) expect(runs.some((run) => run.slice(period).every((call, i) => call === run[i]))).toBe(false);
  });
});
