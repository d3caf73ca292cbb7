import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { randomTree } from '../../../tests/support/randomTree';
import { randomWorld } from '../../../tests/support/randomWorld';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { isGoal, type Transition, type TreeDocument, indexOf } from '../tree';
import { coverageAt, findUnanswered } from './answers';
import { findCycles, findLoopPlaces } from './cycles';
import { findMissedHubs } from './entries';
import { findUnpriced } from './unpriced';
import { findDeadEnds, findUnreachable } from './deadEnds';
import { findFindings } from '../findings';
import { findNecessaryHubs } from './necessaryHubs';
import { countRoutes, findRoutes, routesToGoals } from './routes';
import { findBypasses } from './bypass';
import { findShortestRoutes } from './shortestRoutes';

const seeds = fc.integer({ min: 1, max: 1e6 });
const small = (seed: number): TreeDocument => randomWorld(seed, { positions: 8, transitions: 16 });

const ways = ({ to, outcomes = [] }: Transition): string[] => [to, ...outcomes.map((outcome) => outcome.to)];

/** Every simple path, by plain recursion. */
function bruteRoutes(doc: TreeDocument, without?: string): string[][] {
  const routes: string[][] = [];
  const walk = (path: string[]): void => {
    const at = doc.positions.find((item) => item.id === path.at(-1))!;
    if (at.ends) {
      if (isGoal(doc, at.ends)) routes.push(path);
      return;
    }
    for (const to of new Set(doc.transitions.filter((t) => t.from === at.id).flatMap(ways)))
      if (!path.includes(to) && to !== without) walk([...path, to]);
  };
  for (const start of doc.starts) if (start.position !== without) walk([start.position]);
  return routes;
}

function bruteCycles(doc: TreeDocument): Set<string> {
  const cycles = new Set<string>();
  const order = new Map(doc.positions.map((item, i) => [item.id, i]));
  const walk = (path: string[]): void => {
    for (const to of doc.transitions.filter((t) => t.from === path.at(-1)).flatMap(ways)) {
      if (to === path[0]) cycles.add(path.join());
      else if (!path.includes(to) && order.get(to)! > order.get(path[0]!)!) walk([...path, to]);
    }
  };
  for (const item of doc.positions) walk([item.id]);
  return cycles;
}

describe('routes', () => {
  it('are all simple paths to the first ending, and no others', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        expect(findRoutes(small(seed)).byPositions.map(String).sort()).toEqual(bruteRoutes(small(seed)).map(String).sort());
      }),
      { numRuns: 150, seed: 3 },
    );
  });
  it('come shortest first, all of them, also through one position', () => {
    fc.assert(
      fc.property(seeds, fc.nat(7), (seed, n) => {
        const all = bruteRoutes(small(seed));
        const found = findShortestRoutes(small(seed), { through: null, limit: 1e6, steps: 1e6 });
        expect(found.routes.map(String).sort()).toEqual(all.map(String).sort());
        expect(found.routes.map((route) => route.length)).toEqual(all.map((route) => route.length).sort((a, b) => a - b));
        const through = findShortestRoutes(small(seed), { through: `p${n}`, limit: 1e6, steps: 1e6 });
        expect(through.routes.map(String).sort()).toEqual(
          all
            .filter((route) => route.includes(`p${n}`))
            .map(String)
            .sort(),
        );
        const round = findBypasses(small(seed), `p${n}`, { limit: 1e6, steps: 1e6 });
        expect(round.routes.map(String).sort()).toEqual(
          all
            .filter((route) => !route.includes(`p${n}`))
            .map(String)
            .sort(),
        );
      }),
      { numRuns: 100, seed: 12 },
    );
  });
  it('count parallel transitions apart', () => {
    const doc = tree([position('a'), position('pin', { ends: 'settled' })], [mine('x', 'a', 'pin'), mine('y', 'a', 'pin')]);
    expect(findRoutes(doc)).toEqual({ byPositions: [['a', 'pin']], byTransitions: [['x'], ['y']], status: 'exact' });
  });
  it('are counted as they are listed', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const listed = findRoutes(small(seed));
        const counted = { byPositions: listed.byPositions.length, byTransitions: listed.byTransitions.length, status: 'exact' };
        expect(countRoutes(small(seed))).toEqual(counted);
      }),
      { numRuns: 100, seed: 21 },
    );
  });
  it('say when they stopped early', () => {
    const doc = randomTree(5, { positions: 40, transitions: 160 });
    expect(findRoutes(doc, { routes: 3 })).toMatchObject({ status: 'budget', byPositions: { length: 3 } });
    expect(findRoutes(doc, { steps: 20 }).status).toBe('budget');
  });
});

describe('routes to each goal', () => {
  it('are those among all routes that end there, from a start or from any', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const doc = small(seed);
        const all = findRoutes(doc).byPositions;
        for (const from of [null, doc.starts[0]!.position]) {
          const mineFrom = all.filter((route) => from === null || route[0] === from);
          const goals = routesToGoals(doc, from, {});
          expect(new Set(goals.map(({ goal }) => goal))).toEqual(new Set(mineFrom.map((route) => route.at(-1)!)));
          for (const { goal, count, fewest } of goals) {
            const to = mineFrom.filter((route) => route.at(-1) === goal);
            expect(count).toMatchObject({ byPositions: to.length, status: 'exact' });
            expect(fewest).toBe(Math.min(...to.map((route) => route.length - 1)));
          }
          for (const { goal } of goals) {
            const found = findShortestRoutes(doc, { through: null, from, to: goal, limit: 1000, steps: 1e6 }).routes;
            expect(found.length).toBe(mineFrom.filter((route) => route.at(-1) === goal).length);
          }
        }
      }),
      { numRuns: 60, seed: 12 },
    );
  });
});

describe('cycles', () => {
  it('are all elementary cycles, each once', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const found = findCycles(small(seed)).cycles.map((cycle) => cycle.positions.join());
        expect(found.length).toBe(new Set(found).size);
        expect(new Set(found)).toEqual(bruteCycles(small(seed)));
      }),
      { numRuns: 150, seed: 5 },
    );
  });
  it('are costly when an opponent’s transition loses lines, for either owner', () => {
    const positions = [position('low'), position('high', { lines: ['feet'] })];
    const doc = tree(positions, [mine('up', 'low', 'high'), his('down', 'high', 'low')]);
    expect(findCycles(doc).cycles).toEqual([{ positions: ['low', 'high'], kind: 'costly' }]);
    expect(findCycles(tree(positions, [mine('up', 'low', 'high'), mine('down', 'high', 'low')])).cycles[0]!.kind).toBe('productive');
    expect(findCycles({ ...doc, owner: 'guardPlayer' }).cycles[0]!.kind).toBe('productive');
  });
});

describe('the places of costly loops', () => {
  it('are what he does on the costly ones among all elementary cycles, with the shortest loop through each', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const doc = small(seed);
        const costly = findCycles(doc).cycles.filter(({ kind }) => kind === 'costly');
        const { places } = findLoopPlaces(doc);
        const goesThrough = (loop: readonly string[], from: string, to: string): boolean =>
          loop.some((id, i) => id === from && loop[(i + 1) % loop.length] === to);
        for (const { from, to, positions } of places) {
          const through = costly.filter((cycle) => goesThrough(cycle.positions, from, to));
          expect(positions.length).toBe(Math.min(...through.map((cycle) => cycle.positions.length)));
          expect(goesThrough(positions, from, to)).toBe(true);
        }
        for (const cycle of costly) expect(places.some(({ from, to }) => goesThrough(cycle.positions, from, to))).toBe(true);
      }),
      { numRuns: 100, seed: 8 },
    );
  });
  it('are listed up to a limit, and it is said', () => {
    const doc = demoTree();
    expect(findLoopPlaces(doc, 3)).toMatchObject({ status: 'budget', places: { length: 3 } });
    expect(findLoopPlaces(doc).status).toBe('exact');
  });
});

describe('what may be missing', () => {
  it('is a way from some guard to a hub that others lead to', () => {
    const hub = position('hub', { family: 'hub' });
    const guards = [position('a'), position('b'), position('far')];
    const starts = guards.map(({ id }) => ({ position: id }));
    const doc = tree([...guards, hub], [mine('in', 'a', 'hub'), his('pulls', 'b', 'a')], { starts });
    expect(findMissedHubs(doc)).toEqual([{ hub: 'hub', starts: ['b', 'far'] }]);
    expect(findMissedHubs(tree([...guards, hub], [], { starts }))).toEqual([]);
  });
  it('is the price of what he does, where nothing says what he gets', () => {
    const reads = reaction('frames', 'nothing special', 'sweeps');
    const doc = tree(
      [position('a', { reads }), position('b')],
      [mine('go', 'a', 'b'), his('back', 'a', 'a', { when: { he: ['sweeps'] } })],
    );
    expect(findUnpriced(doc)).toEqual([{ position: 'a', read: 'he', value: 'frames' }]);
  });
});

describe('necessary hubs', () => {
  it('are the positions without which no route is left', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const doc = small(seed);
        const routes = bruteRoutes(doc);
        const starts = new Set(doc.starts.map((start) => start.position));
        const free = doc.positions.filter((item) => !starts.has(item.id) && !(item.ends && isGoal(doc, item.ends)));
        const needed = routes.length === 0 ? [] : free.filter((item) => bruteRoutes(doc, item.id).length === 0).map((item) => item.id);
        expect([...findNecessaryHubs(doc).all].sort()).toEqual(needed.sort());
        for (const goal of findNecessaryHubs(doc).goals) {
          const through = routes.filter((route) => route.at(-1) === goal.position);
          expect([...goal.hubs].sort()).toEqual(
            free
              .filter((item) => through.every((route) => route.includes(item.id)))
              .map((item) => item.id)
              .sort(),
          );
        }
      }),
      { numRuns: 150, seed: 9 },
    );
  });
});

describe('answers and ends', () => {
  it('list unanswered values with their consequence, which is never an answer', () => {
    const doc = tree(
      [
        position('g', { reads: reaction('a', 'b') }),
        position('pin', { ends: 'settled' }),
        position('lost', { ends: 'swept' }),
        position('alone', { reads: reaction('c') }),
      ],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] } }), his('sweep', 'g', 'lost', { when: { he: ['b'] } }), mine('silent', 'g', 'pin')],
    );
    expect(findUnanswered(doc)).toEqual([{ position: 'g', read: 'he', value: 'b', consequences: ['sweep'] }]);
    expect(findUnreachable(doc)).toEqual(['alone']);
    expect(findDeadEnds(doc)).toEqual([]);
  });
  it('a dead end is reachable and has neither ending nor continuation', () => {
    const end = (extra: object) => tree([position('g'), position('x', extra)], [mine('m', 'g', 'x')]);
    expect(findDeadEnds(end({}))).toEqual(['x']);
    expect(findDeadEnds(end({ continuesIn: { tree: 'other', position: 'y' } }))).toEqual([]);
  });
  it('coverage counts the product of closed reads; silent reads match anything', () => {
    const cue = (id: string, ...values: string[]) => ({
      id,
      name: id,
      kind: 'cue' as const,
      closed: true,
      values: values.map((v) => ({ id: v, name: v, kind: 'other' as const })),
    });
    const doc = tree(
      [position('hub', { reads: [cue('knee', 'in', 'out'), cue('hips', 'flat', 'turned')] }), position('pin', { ends: 'settled' })],
      [
        mine('a', 'hub', 'pin', { when: { knee: ['in'] } }),
        mine('b', 'hub', 'pin', { when: { knee: ['in'], hips: ['flat'] } }),
        mine('c', 'hub', 'pin', { when: { hips: ['turned'] }, priority: 1 }),
        mine('d', 'hub', 'pin'),
      ],
    );
    const cells = coverageAt(indexOf(doc), doc.positions[0]!).cells;
    expect(cells.map((cell) => [Object.values(cell.combination).join('+'), cell.covered, cell.ambiguous])).toEqual([
      ['in+flat', 'several', true],
      ['in+turned', 'several', false],
      ['out+flat', 'never', false],
      ['out+turned', 'once', false],
    ]);
    const kinds = findFindings(doc).list.map((finding) => finding.kind);
    expect(kinds).toContain('uncovered');
    expect(kinds).toContain('ambiguous');
  });
  it('findings have keys of their own', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const keys = findFindings(small(seed)).list.map((finding) => finding.key);
        expect(new Set(keys).size).toBe(keys.length);
      }),
      { numRuns: 60, seed: 2 },
    );
  });
});
