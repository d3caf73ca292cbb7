import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { findShortestRoutes } from '../structure';
import type { Contact, Step } from '../tree';
import { fewestTrades, gripsAlong } from './along';
import { transitionsOnRoute } from './blockers';

const hold = (spot: 'ankle' | 'knee' | 'collar'): Contact => ({
  athlete: 'owner',
  part: 'leftHand',
  target: { athlete: 'opponent', part: spot === 'collar' ? 'collar' : 'leftLeg', spot },
});
const steps = (...spots: readonly Parameters<typeof hold>[0][]): Step[] => spots.map((spot) => ({ contacts: [hold(spot)] }) as Step);

describe('the way with the fewest trades of grip', () => {
  const doc = tree(
    [position('a'), position('b'), position('c'), position('d', { ends: 'settled' })],
    [
      mine('one', 'a', 'b', { steps: steps('ankle', 'knee', 'collar') }),
      mine('two', 'a', 'c', { steps: steps('ankle', 'ankle') }),
      mine('on b', 'b', 'd', { steps: steps('collar') }),
      mine('on c', 'c', 'd', { steps: steps('ankle', 'knee') }),
      mine('unwritten', 'a', 'd'),
    ],
  );
  it('is counted where all steps are written, and nowhere else', () => {
    const routes = [
      ['a', 'd'],
      ['a', 'b', 'd'],
      ['a', 'c', 'd'],
    ];
    expect(fewestTrades(doc, routes, [])).toEqual({ route: 2, trades: 1, counted: 2 });
    expect(fewestTrades(doc, [['a', 'd']], [])).toBeNull();
    expect(fewestTrades(doc, [], [])).toBeNull();
  });
  it('is the least among the ways of the demo', () => {
    const demo = demoTree();
    const { routes } = findShortestRoutes(demo, { through: null, limit: 400, steps: 500_000 });
    const trades = routes.flatMap((route) => {
      const { load, unwritten } = gripsAlong(transitionsOnRoute(demo, route, []));
      return unwritten.length > 0 ? [] : [load.filter((item) => item.athlete === 'owner').reduce((sum, item) => sum + item.trades, 0)];
    });
    const found = fewestTrades(demo, routes, []);
    expect(found === null ? null : [found.trades, found.counted]).toEqual(
      trades.length === 0 ? null : [Math.min(...trades), trades.length],
    );
  });
});
