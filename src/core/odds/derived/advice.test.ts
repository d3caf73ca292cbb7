import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atOnce, seededRandom } from '../../base';
import { findUnanswered } from '../../structure/answers';
import type { TreeDocument } from '../../tree';
import { demoTree } from '../../../../demo/demoTree';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { literalValue } from '../../../../tests/support/literalOdds';
import { randomWorld } from '../../../../tests/support/randomWorld';
import { findAdvice } from './advice';
import { oddsModelOf } from '../process/cells';
import { standingOf } from '../process/here';
import { kernelOf } from '../process/kernel';
import { KNOWING_QUESTION, NOWHERE_KNOWN, ODDS_QUESTION } from '../question';
import { solveInPieces, valueAt } from '../solved';
import { findOdds } from '../report';
import { withoutShows, withTaught } from '../../../../tests/support/triedTree';

const QUESTION = { ...ODDS_QUESTION, roundSeconds: 60 };
const pin = position('pin', { ends: 'settled' });

/** A random tree in which all is drawn (u = 0), with branches that are only announced. */
function drawnGame(seed: number): TreeDocument {
  const doc = randomWorld(seed, { positions: 6, transitions: 14 });
  const random = seededRandom(seed + 5);
  return {
    ...doc,
    positions: doc.positions.map((item) => ({ ...item, reads: item.reads.map((read) => ({ ...read, complete: true })) })),
    transitions: doc.transitions.map((item) => (random() < 0.25 ? { ...item, announced: true } : item)),
  };
}
const literalMean = (doc: TreeDocument): number =>
  doc.starts.reduce((sum, { position: id }) => sum + literalValue(doc, id, { seconds: 60, readSkill: 1 }), 0) / doc.starts.length;

describe('what to work on', () => {
  it('is priced as the definition says, the tree read out literally with the one thing changed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const doc = drawnGame(seed);
        const before = literalMean(doc);
        for (const item of findAdvice(doc, findUnanswered(doc), QUESTION)) {
          if (item.kind === 'teach') expect(item.worth).toBeCloseTo(literalMean(withTaught(doc, item.transition)) - before, 9);
          if (item.kind !== 'gap') continue;
          const at = doc.positions.find(({ id }) => id === item.position)!;
          // A position without reads has something undrawn: what is not drawn stays what it was, so that is left to the next test.
          if (at.reads.filter(({ kind, values }) => kind !== 'timing' && values.length > 1).length === 0) continue;
          expect(item.worth).toBeCloseTo(literalMean(withoutShows(doc, item.position, [item])) - before, 9);
        }
      }),
      { numRuns: 60, seed: 21 },
    );
  });
  it('closing a gap, worked by hand: its share goes to the others, and what is not drawn stays', () => {
    const doc = (read: object) =>
      tree(
        [position('g', { reads: [{ ...reaction('a', 'b')[0]!, ...read }] }), pin],
        [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.8, offCue: 0.2, seconds: 60 })],
      );
    const gap = { position: 'g', read: 'he', value: 'b' };
    const priceOf = (of: TreeDocument) => findAdvice(of, [gap], QUESTION).find(({ kind }) => kind === 'gap')!.worth;
    // Closed: half of the time 0.2 instead of 0.8.
    expect(priceOf(doc({ closed: true }))).toBeCloseTo(0.3, 12);
    // Open: a third each, u = 1/8 with two drawn values; nothing special is answered by what names it only off cue: 0.2.
    expect(priceOf(doc({}))).toBeCloseTo((7 / 8) * (0.5 * 0.8 + 0.5 * 0.2 - (0.8 + 0.2 + 0.2) / 3), 12);
  });
  it('teaching a move of mine is never negative', () => {
    for (let seed = 1; seed <= 30; seed++)
      for (const item of findAdvice(drawnGame(seed), [], QUESTION))
        if (item.kind === 'teach') expect(item.worth).toBeGreaterThanOrEqual(-1e-12);
  });
  it('practice pays what finite differences say, in both questions', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e6 }),
        fc.constantFrom(QUESTION, { ...KNOWING_QUESTION, roundSeconds: 60 }),
        (seed, question) => {
          const doc = randomWorld(seed, { positions: 6, transitions: 14 });
          const withWorks = (id: string, by: number): TreeDocument => ({
            ...doc,
            transitions: doc.transitions.map((item) =>
              item.id === id ? { ...item, works: (item.works ?? doc.defaults?.works ?? 0.6) + by } : item,
            ),
          });
          const value = (of: TreeDocument) => findOdds(of, question).starts.reduce((sum, start) => sum + start.value, 0) / of.starts.length;
          const at = value(doc);
          for (const item of findAdvice(doc, [], question)) {
            if (item.kind !== 'practise') continue;
            const h = 1e-5;
            const [below, above] = [(at - value(withWorks(item.transition, -h))) / h, (value(withWorks(item.transition, h)) - at) / h];
            // V is convex or has a kink where options change places: any slope between is right.
            expect(item.worth * 10).toBeGreaterThanOrEqual(Math.min(below, above) - 2e-4);
            expect(item.worth * 10).toBeLessThanOrEqual(Math.max(below, above) + 2e-4);
          }
        },
      ),
      { numRuns: 25, seed: 6 },
    );
  });
  it('prices the gaps of a position together where he picks', () => {
    const doc = tree(
      [position('g', { reads: [{ ...reaction('a', 'b', 'c')[0]!, closed: true }] }), pin],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.8, offCue: 0.1, seconds: 60 })],
    );
    const gaps = ['b', 'c'].map((value) => ({ position: 'g', read: 'he', value }));
    const free = { ...KNOWING_QUESTION, roundSeconds: 60, freely: 1 };
    const worths = Object.fromEntries(
      findAdvice(doc, gaps, free).map((item) => [item.kind === 'gap' ? item.value : item.kind, item.worth]),
    );
    expect(worths).toMatchObject({ b: expect.closeTo(0, 12), c: expect.closeTo(0, 12), gaps: expect.closeTo(0.7, 12) });
  });
  it('of the demo is what solving each anew ranks first, what brings most first', () => {
    const doc = demoTree();
    const gaps = findUnanswered(doc);
    const found = findAdvice(doc, gaps, ODDS_QUESTION);
    const tried = found.filter(({ kind }) => kind === 'gap' || kind === 'teach');
    expect(found.map(({ worth }) => worth)).toEqual(found.map(({ worth }) => worth).toSorted((a, b) => b - a));
    const standing = standingOf(doc);
    const at = new Map(doc.positions.map(({ id }, i) => [id, i]));
    const mean = (of: TreeDocument) => {
      const model = oddsModelOf(of, NOWHERE_KNOWN, standing);
      const solution = atOnce(solveInPieces(model, kernelOf(model, false), ODDS_QUESTION));
      return of.starts.reduce((sum, { position: id }) => sum + valueAt(solution, at.get(id)!), 0) / of.starts.length;
    };
    const before = mean(doc);
    const announced = doc.transitions.filter((item) => item.announced && item.actor === 'owner');
    const each = [
      ...gaps.map((gap) => mean(withoutShows(doc, gap.position, [gap])) - before),
      ...announced.map(({ id }) => mean(withTaught(doc, id)) - before),
    ].toSorted((a, b) => b - a);
    expect(tried.length).toBe(10);
    // The steady clock ranks; where two bring the same to a tenth of a point, either may be the tenth.
    tried.slice(0, 8).forEach(({ worth }, i) => expect(worth).toBeCloseTo(each[i]!, 3));
  });
  it('of a tree without a start is nothing', () => expect(findAdvice(tree([], []), [], QUESTION)).toEqual([]));
});
