import blossom from 'edmonds-blossom';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leastCostMatching } from './matching';

type Costs = readonly (readonly number[])[];
const sumOf = (mates: readonly number[], costs: Costs): number =>
  mates.reduce((sum, mate, i) => sum + (mate > i ? costs[i]![mate]! : 0), 0);

/** The least sum over every way to pair; Infinity = there is none. */
function brute(costs: Costs, left: readonly number[]): number {
  const [first, ...rest] = left;
  if (first === undefined) return 0;
  return Math.min(
    Infinity,
    ...rest.map(
      (other) =>
        costs[first]![other]! +
        brute(
          costs,
          rest.filter((item) => item !== other),
        ),
    ),
  );
}
const graphs = (most: number) =>
  fc
    .tuple(fc.integer({ min: 1, max: most / 2 }), fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: 0, max: 60 }))
    .map(([half, seed, gone]) => {
      const count = half * 2;
      let state = seed;
      const next = (): number => (state = (state * 48_271) % 2_147_483_647);
      const costs = Array.from({ length: count }, () => Array<number>(count).fill(Infinity));
      for (let a = 0; a < count; a++)
        for (let b = 0; b < a; b++) costs[a]![b] = costs[b]![a] = next() % 100 < gone ? Infinity : next() % 50;
      return costs;
    });

describe('a matching of least cost', () => {
  it('is what trying every way finds, up to ten people, some of whom may not', () => {
    fc.assert(
      fc.property(graphs(10), (costs) => {
        const least = brute(
          costs,
          costs.map((_, i) => i),
        );
        const mates = leastCostMatching(costs.length, (a, b) => costs[a]![b]!);
        expect(mates === null).toBe(least === Infinity);
        if (mates === null) return;
        expect(mates.every((mate, i) => mates[mate] === i)).toBe(true);
        expect(sumOf(mates, costs)).toBe(least);
      }),
      { numRuns: 1500, seed: 7 },
    );
  });
  it('is what a well-kept package finds, up to forty people', () => {
    fc.assert(
      fc.property(graphs(40), (costs) => {
        const edges = costs.flatMap((row, a) => row.slice(0, a).flatMap((cost, b) => (cost === Infinity ? [] : [[a, b, 1000 - cost]])));
        const peer = blossom(edges, true);
        const whole = costs.every((_, i) => (peer[i] ?? -1) >= 0);
        const mates = leastCostMatching(costs.length, (a, b) => costs[a]![b]!);
        expect(mates !== null).toBe(whole);
        if (mates)
          expect(sumOf(mates, costs)).toBe(
            sumOf(
              costs.map((_, i) => peer[i]!),
              costs,
            ),
          );
      }),
      { numRuns: 150, seed: 8 },
    );
  });
});
