import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { allowedNext, callFeeder } from './caller';

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
  it('leave a choice of two in at least a third of the calls, and have no period', () => {
    for (const list of [
      [0.5, 0.3, 0.2],
      [0.5, 0.5],
      [0.34, 0.33, 0.33],
      [0.25, 0.25, 0.25, 0.25],
      [0.6, 0.2, 0.1, 0.1],
    ]) {
      const calls = callFeeder(list, 600, seededRandom(2));
      const free = calls.filter((_, i) => allowedNext(calls.slice(0, i), list).length > 1);
      expect(free.length * 3, list.join()).toBeGreaterThanOrEqual(calls.length);
      for (let period = 1; period <= 40; period++) expect(calls.slice(period).every((call, i) => call === calls[i])).toBe(false);
    }
  });
});
