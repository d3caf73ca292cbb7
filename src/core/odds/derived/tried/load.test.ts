import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atOnce } from '../../../base';
import type { TransitionId, TreeDocument } from '../../../tree';
import { demoTree } from '../../../../../demo/demoTree';
import { randomWorld } from '../../../../../tests/support/randomWorld';
import { mine, position, reaction, tree } from '../../../../../tests/support/smallTree';
import { oddsModelOf } from '../../process/cells';
import { standingOf, type Standing } from '../../process/here';
import { kernelOf } from '../../process/kernel';
import { KNOWING_QUESTION, NOWHERE_KNOWN, ODDS_QUESTION } from '../../question';
import { seesItFirst, solveInPieces, valueAt } from '../../solved';
import { solveSteadyInPieces } from '../../steady/steady';
import { Ground } from '../ground';
import { findLoads } from './load';
import { withoutValues, type Tried } from './tries';

const QUESTION = { ...ODDS_QUESTION, roundSeconds: 60 };

/** V of all starts alike, solved from the beginning. */
function meanOf(doc: TreeDocument, standing: Standing): number {
  const at = new Map(doc.positions.map(({ id }, i) => [id, i]));
  const model = oddsModelOf(doc, NOWHERE_KNOWN, standing);
  const solution = atOnce(solveInPieces(model, kernelOf(model, false), QUESTION));
  return doc.starts.reduce((sum, { position: id }) => sum + valueAt(solution, at.get(id)!), 0) / doc.starts.length;
}
const without = (doc: TreeDocument, gone: (id: TransitionId) => boolean): TreeDocument => ({
  ...doc,
  transitions: doc.transitions.filter(({ id }) => !gone(id)),
});

describe('what everything hangs on', () => {
  it('is what a tree without it loses, solved from the beginning', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const doc = randomWorld(seed, { positions: 7, transitions: 14 });
        const standing = standingOf(doc);
        const value = meanOf(doc, standing);
        const places = new Map(doc.positions.map((item) => [item.id, item]));
        for (const item of findLoads(doc, QUESTION)) {
          const into = (id: TransitionId) =>
            item.kind === 'move'
              ? id === item.transition
              : doc.transitions.some((move) => move.id === id && move.actor === 'owner' && !move.announced && move.to === item.position);
          expect(item.load).toBeCloseTo(Math.max(0, value - meanOf(without(doc, into), standing)), 9);
          if (item.kind === 'place') expect(doc.starts.some((start) => start.position === places.get(item.position)!.id)).toBe(false);
        }
      }),
      { numRuns: 40, seed: 3 },
    );
  });
  it('to first order is the same with rows left out as with the place made anew, in both questions', () => {
    for (const question of [QUESTION, { ...QUESTION, readSkill: 0.4 }, { ...KNOWING_QUESTION, freely: 1 }])
      for (const seed of [1, 2, 3, 4]) {
        const doc = { ...randomWorld(seed, { positions: 12, transitions: 40 }) };
        const ground = new Ground(doc, question, NOWHERE_KNOWN);
        const steady = atOnce(ground.onSteady());
        const own = doc.transitions.filter(({ actor, announced }) => actor === 'owner' && announced !== true);
        for (const gone of [...own.map((move) => [move]), own.slice(0, 5)]) {
          const anew = ground.tries.losing(gone).map(({ at, place }) => {
            const ids = new Set(gone.map(({ id }) => id));
            const [other] = ground.tries.changing(
              place.position.id,
              (of) => of,
              (ways) => ways.filter(({ id }) => !ids.has(id)),
            );
            return { at, place: other!.place };
          });
          expect(steady.estimate(ground.tries.losing(gone))).toBeCloseTo(steady.estimate(anew), 10);
          const solved = atOnce(steady.solved(ground.tries.losing(gone)));
          expect(solved).toBeCloseTo(atOnce(steady.solved(anew)), 8);
          // From what was known, and from nothing.
          const cold = ({ value }: { value: Float64Array }) =>
            ground.starts.reduce((sum, at) => sum + value[at]!, 0) / ground.starts.length;
          const from = (tried: Tried) => atOnce(solveSteadyInPieces(ground.kernelWith(tried), question, seesItFirst(ground.model)));
          expect(solved).toBeCloseTo(cold(from(anew)) - cold(from([])), 8);
        }
      }
  });
  it('what a show costs, to first order and solved, is the same with what is left of its columns as with the place made anew', () => {
    let closed = 0;
    for (const question of [QUESTION, { ...QUESTION, readSkill: 0.4 }, { ...KNOWING_QUESTION, freely: 1 }])
      for (const seed of [1, 2, 3, 4, 5]) {
        const doc = randomWorld(seed, { positions: 12, transitions: 40 });
        const ground = new Ground(doc, question, NOWHERE_KNOWN);
        const steady = atOnce(ground.onSteady());
        for (const { id, reads } of doc.positions) {
          const shows = reads.flatMap((read) => read.values.map((value) => ({ read: read.id, value: value.id })));
          for (const gone of [...shows.map((show) => [show]), shows.slice(0, 2)]) {
            const tried = ground.tries.closing(id, gone);
            const anew = ground.tries.changing(
              id,
              (position) => withoutValues(position, gone),
              (ways) => ways,
            );
            if (tried.some(({ less }) => less !== undefined)) closed++;
            expect(steady.estimate(tried)).toBeCloseTo(steady.estimate(anew), 10);
            expect(atOnce(steady.solved(tried))).toBeCloseTo(atOnce(steady.solved(anew)), 8);
          }
        }
      }
    expect(closed).toBeGreaterThan(100);
  });
  it('by hand: the only way hangs on itself, one of two alike on neither', () => {
    const pin = position('pin', { ends: 'settled' });
    const start = position('g', { reads: [{ ...reaction('a')[0]!, closed: true }] });
    const cut = (id: string) => mine(id, 'g', 'pin', { when: { he: ['a'] }, works: 0.6, seconds: 60 });
    expect(findLoads(tree([start, pin], [cut('one')]), QUESTION)).toEqual([
      { kind: 'move', transition: 'one', load: expect.closeTo(0.6, 12) as number },
    ]);
    expect(findLoads(tree([start, pin], [cut('one'), cut('two')]), QUESTION).map(({ load }) => load)).toEqual([0, 0]);
  });
  it('of the demo begins with its hubs, and is never less than nothing', () => {
    const loads = findLoads(demoTree(), ODDS_QUESTION);
    expect(loads).toHaveLength(10);
    expect(loads[0]).toMatchObject({ kind: 'place', position: 'leg-drag' });
    expect(loads.every(({ load }, i) => load >= 0 && load <= (loads[i - 1]?.load ?? 1))).toBe(true);
  });
});
