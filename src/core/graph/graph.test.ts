import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { breadthFirst, FAR, reachedFrom, pathTo } from './search';
import { elementaryCycles } from './elementaryCycles';
import { findShortestPaths, walkSimplePaths } from './simplePaths';
import { immediateDominators } from './dominators';
import { mustAnalysis } from './mustAnalysis';
import { smallestHittingSet } from './hittingSet';

/** Small random graphs, and every simple path of one: written out anew here, so that nothing checked is borrowed. */
function randomGraph(seed: number, size: number): { next: number[][]; previous: number[][] } {
  const random = seededRandom(seed);
  const next = Array.from({ length: size }, () => Array.from({ length: size }, (_, i) => i).filter(() => random() < 0.3));
  return { next, previous: next.map((_, to) => next.flatMap((targets, from) => (targets.includes(to) ? [from] : []))) };
}
function allPaths(next: readonly (readonly number[])[], path: readonly number[], stops: (at: number) => boolean): number[][] {
  const at = path[path.length - 1]!;
  if (stops(at)) return [[...path]];
  return next[at]!.filter((to) => !path.includes(to)).flatMap((to) => allPaths(next, [...path, to], stops));
}
const every = (run: (graph: { next: number[][]; previous: number[][] }, seed: number) => void): void => {
  for (let seed = 1; seed <= 60; seed++) run(randomGraph(seed, 3 + (seed % 5)), seed);
};

describe('on graphs of numbers', () => {
  it('a breadth-first search finds the fewest steps and a way of so many', () =>
    every(({ next }) => {
      const found = breadthFirst(next, [0]);
      const reached = reachedFrom(next, [0]);
      next.forEach((_, to) => {
        const lengths = allPaths(next, [0], (at) => at === to)
          .filter((path) => path.at(-1) === to)
          .map((path) => path.length - 1);
        const fewest = lengths.length > 0 ? Math.min(...lengths) : FAR;
        expect(found.steps[to]).toBe(fewest);
        expect(reached[to] === 1).toBe(fewest < FAR);
        const route = pathTo(found, to);
        expect(route.length).toBe(fewest < FAR ? fewest + 1 : 0);
        route.slice(1).forEach((node, i) => expect(next[route[i]!]).toContain(node));
      });
      const walled = breadthFirst(next, [0], (to) => to !== 1);
      expect(walled.order).not.toContain(1);
    }));
  it('a dominator lies on every way', () =>
    every(({ next, previous }) => {
      const dominator = immediateDominators(next, previous, 0);
      next.forEach((_, to) => {
        const routes = allPaths(next, [0], (at) => at === to).filter((path) => path.at(-1) === to);
        if (to === 0 || routes.length === 0) return expect(dominator[to]).toBe(to === 0 ? 0 : -1);
        const shared = next.map((_, i) => i).filter((node) => node !== to && routes.every((route) => route.includes(node)));
        // The immediate one is the one that every other one comes before.
        const last = shared.find((node) => shared.every((other) => routes[0]!.indexOf(other) <= routes[0]!.indexOf(node)));
        expect(dominator[to]).toBe(last);
      });
    }));
  it('simple paths to the first goal are all found, in order, and shortest first where asked', () =>
    every(({ next: all, previous: _ }, seed) => {
      const size = all.length;
      const isGoal = Uint8Array.from({ length: size }, (_, i) => (i > 0 && (i + seed) % 3 === 0 ? 1 : 0));
      const goals = [...isGoal.keys()].filter((i) => isGoal[i]);
      // Routes stop at goals: nothing leads on from them.
      const next = all.map((targets, i) => (isGoal[i] ? [] : targets));
      const previous = next.map((_, to) => next.flatMap((targets, from) => (targets.includes(to) ? [from] : [])));
      const wanted = allPaths(next, [0], (at) => isGoal[at] === 1).filter((path) => isGoal[path.at(-1)!]);
      const path: number[] = [];
      const walked: number[][] = [];
      for (const shared of walkSimplePaths(next, { starts: [0], isGoal, leadsOn: reachedFrom(previous, goals) }, path, { steps: 1e6 })) {
        expect(path.slice(0, shared)).toEqual((walked.at(-1) ?? []).slice(0, shared));
        walked.push([...path]);
      }
      expect(walked).toEqual(wanted);
      const shortest = (through: number | null) =>
        findShortestPaths({ next, previous }, { starts: [0], goals, through, limit: 1e6 }, { steps: 1e6 }).paths;
      expect(shortest(null)).toEqual(wanted.toSorted((a, b) => a.length - b.length));
      const through = size - 1;
      expect(shortest(through)).toEqual(wanted.filter((route) => route.includes(through)).toSorted((a, b) => a.length - b.length));
    }));
  it('elementary cycles are all found, each once', () =>
    every(({ next }) => {
      const wanted = next.flatMap((_, root) => {
        const above = next.map((targets, from) => (from < root ? [] : targets.filter((to) => to >= root)));
        const back = [...above.map((targets) => targets.map((to) => (to === root ? next.length : to))), []];
        return allPaths(back, [root], (at) => at === next.length)
          .filter((path) => path.at(-1) === next.length)
          .map((path) => path.slice(0, -1).join());
      });
      const found = [...elementaryCycles(next, { steps: 1e7 })].map((cycle) => cycle.join());
      expect(found.toSorted()).toEqual(wanted.toSorted());
    }));
  it('certain is what holds after every way, loops included', () =>
    every(({ next }, seed) => {
      const random = seededRandom(seed * 7);
      const FACTS = ['a', 'b', 'c'];
      const edges = next.map((targets) =>
        targets.map((to) => {
          const [makes, undoes] = [FACTS.filter(() => random() < 0.4), FACTS.filter(() => random() < 0.3)];
          return { to, after: (facts: ReadonlySet<string>) => new Set([...[...facts].filter((fact) => !undoes.includes(fact)), ...makes]) };
        }),
      );
      // Every set that can be on at a node, by trying: certain is what all of them share.
      const seen = next.map(() => new Set<string>());
      const open: [number, string[]][] = [[0, ['a']]];
      for (let i = 0; i < open.length; i++) {
        const [at, facts] = open[i]!;
        if (seen[at]!.has(facts.join())) continue;
        seen[at]!.add(facts.join());
        for (const edge of edges[at]!) open.push([edge.to, [...edge.after(new Set(facts))].toSorted()]);
      }
      const certain = mustAnalysis(edges, [{ node: 0, facts: new Set(['a']) }]);
      seen.forEach((sets, at) => {
        const lists = [...sets].map((set) => set.split(','));
        const shared = FACTS.filter((fact) => lists.every((list) => list.includes(fact)));
        expect(certain[at] ? [...certain[at].facts].toSorted() : null).toEqual(sets.size > 0 ? shared : null);
      });
    }));
  it('a smallest hitting set hits every set, and none smaller does', () => {
    const random = seededRandom(5);
    for (let k = 0; k < 100; k++) {
      const items = ['a', 'b', 'c', 'd', 'e'];
      const sets = Array.from({ length: 4 }, () => items.filter(() => random() < 0.4)).filter((set) => set.length > 0);
      const subsets = Array.from({ length: 32 }, (_, mask) => items.filter((_, i) => mask & (1 << i)));
      const hits = (chosen: readonly string[]): boolean => sets.every((set) => set.some((item) => chosen.includes(item)));
      const found = smallestHittingSet(sets.map((set) => set.map((item) => [item])));
      expect(hits(found)).toBe(true);
      expect(found.length).toBe(Math.min(...subsets.filter(hits).map((subset) => subset.length)));
      // Alternatives of two: all of one of them.
      const pairs = sets.map((set) => set.map((item) => [item, items[(items.indexOf(item) + k) % 5]!]));
      const hitsPairs = (chosen: readonly string[]): boolean =>
        pairs.every((set) => set.some((pair) => pair.every((item) => chosen.includes(item))));
      const broken = smallestHittingSet(pairs);
      expect(hitsPairs(broken)).toBe(true);
      expect(broken.length).toBe(Math.min(...subsets.filter(hitsPairs).map((subset) => subset.length)));
    }
  });
});
