import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { randomOdds } from '../../../../tests/support/randomOdds';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { oddsModelOf } from '../process/cells';
import { outcomesOf } from '../process/kernel';
import { KNOWING_QUESTION, NOWHERE_KNOWN, ODDS_QUESTION } from '../question';
import { findOdds } from '../report';
import { outcomesApart } from './eventCells';
import { simulate, wilson } from './simulate';
import { tellRound } from './toldRound';

describe('what can come of a cell', () => {
  it('told apart by how, is what the odds count with', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const model = oddsModelOf(randomOdds(seed, 8), NOWHERE_KNOWN);
      model.places.forEach((place, at) =>
        place?.cells.flat(2).forEach((cell) => {
          const apart = outcomesApart(model, at, place, cell);
          expect(apart.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 12);
          const known = outcomesOf(model, at, place, cell, place.undrawn);
          known.states.forEach((state, i) => {
            const together = apart.filter(({ to }) => to === state).reduce((sum, { chance }) => sum + chance, 0);
            expect(together).toBeCloseTo(known.chances[i]!, 12);
          });
        }),
      );
    }
  });
});

describe('many rounds', () => {
  it('end as the odds say, within what chance leaves, in both questions', () => {
    const demo = demoTree();
    for (const question of [ODDS_QUESTION, { ...ODDS_QUESTION, readSkill: 0.4 }, KNOWING_QUESTION]) {
      const [start] = findOdds(demo, question).starts;
      const found = simulate(demo, question, start!.position, 6000, 11)!;
      // Four standard deviations: one in sixteen thousand such checks would fail by chance, and this one is seeded.
      const within = (times: number, chance: number) =>
        expect(Math.abs(times / 6000 - chance)).toBeLessThan(4 * Math.sqrt((chance * (1 - chance)) / 6000) + 1e-9);
      within(found.finished, start!.value);
      within(found.endings.find(({ ended }) => ended === 'timeUp')!.count, start!.timeUp);
      within(found.endings.find(({ ended }) => ended === 'turned')!.count, start!.turned);
      for (const { ends, chance } of start!.endings) within(found.endings.find(({ ended }) => ended === ends)?.count ?? 0, chance);
      expect(found.endings.reduce((sum, { count }) => sum + count, 0)).toBe(6000);
      expect(found.finishedBy.reduce((sum, count) => sum + count, 0)).toBe(found.finished);
      expect(found.stalled.reduce((sum, { count }) => sum + count, 0)).toBe(found.endings.find(({ ended }) => ended === 'timeUp')!.count);
    }
  });
  it('of which none went on are what the start is, and each stands somewhere at every half minute until it ends', () => {
    const demo = demoTree();
    const pin = demo.positions.find(({ ends }) => ends === 'settled')!.id;
    expect(simulate(demo, ODDS_QUESTION, pin, 30, 1)).toMatchObject({ finished: 30, finishedBy: [30, 0, 0, 0, 0, 0, 0, 0, 0, 0] });
    // What cannot fail and takes 50 seconds: at 0:00 and 0:30 it stands in the guard, then there is nothing to stand in.
    const doc = tree(
      [position('g', { reads: [{ ...reaction('a')[0]!, closed: true }], lines: ['feet', 'knees'] }), position('pin', { ends: 'settled' })],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 1, seconds: 50 })],
    );
    const rounds = simulate(doc, { ...ODDS_QUESTION, roundSeconds: 90 }, 'g', 7, 1)!;
    expect(rounds).toMatchObject({ finishedBy: [0, 7, 0], heights: [2, 2, 0] });
    // Thirty seconds to the hips: there at 0:30 on the second, and still at 1:00 while the last exchange is under way.
    const hips = position('hips', { reads: doc.positions[0]!.reads, lines: ['hips'] });
    const cut = { ...doc.transitions[0]!, to: 'hips', seconds: 30 };
    const settle = { ...doc.transitions[0]!, id: 'settle', from: 'hips', seconds: 45 };
    const longer = { ...doc, positions: [...doc.positions, hips], transitions: [cut, settle] };
    const two = simulate(longer, { ...ODDS_QUESTION, roundSeconds: 120 }, 'g', 7, 1)!;
    expect(two).toMatchObject({ finishedBy: [0, 0, 7, 0], heights: [2, 3, 3, 0] });
  });
  it('of the same seed are the same, of another others', () => {
    const demo = demoTree();
    const of = (seed: number) => simulate(demo, ODDS_QUESTION, 'spider', 200, seed);
    expect(of(3)).toEqual(of(3));
    expect(of(3)).not.toEqual(of(4));
  });
});

describe('a told round', () => {
  it('hangs together: each exchange begins where the last one led, and its seconds add up', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(ODDS_QUESTION, KNOWING_QUESTION), (seed, question) => {
        const doc = randomOdds(seed, 9);
        const start = doc.starts[0]!.position;
        const told = tellRound(doc, { ...question, roundSeconds: 120 }, start, seed)!;
        let [position, at] = [start, 0];
        for (const event of told.events) {
          expect([event.position, event.at]).toEqual([position, at]);
          at += event.seconds;
          if (event.happened === null) expect(told.ended).toBe('timeUp');
          else if (event.to !== null) position = event.to;
          else expect(told.ended).toBe('turned');
        }
        expect(told.seconds).toBe(at);
        expect(told.seconds).toBeLessThanOrEqual(120);
        const ends = doc.positions.find(({ id }) => id === position)!.ends;
        if (ends) expect(told.ended).toBe(ends);
      }),
      { numRuns: 60, seed: 2 },
    );
  });
  it('by hand: what cannot fail is one exchange', () => {
    const doc = tree(
      [position('g', { reads: [{ ...reaction('a')[0]!, closed: true }] }), position('pin', { ends: 'settled' })],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 1, seconds: 25 })],
    );
    expect(tellRound(doc, ODDS_QUESTION, 'g', 1)).toEqual({
      start: 'g',
      seed: 1,
      events: [
        {
          position: 'g',
          at: 0,
          seconds: 25,
          shown: [{ read: 'he', values: ['a'] }],
          transition: 'cut',
          isRead: true,
          happened: { how: 'worked' },
          unforeseen: false,
          to: 'pin',
        },
      ],
      ended: 'settled',
      seconds: 25,
    });
  });
});

it('the interval of what was counted: nothing of nothing says nothing; known figures', () => {
  expect(wilson(0, 0)).toEqual({ low: 0, high: 1 });
  // Ten of twenty: 0.299 to 0.701 (Newcombe 1998).
  expect(wilson(10, 20).low).toBeCloseTo(0.299, 3);
  expect(wilson(10, 20).high).toBeCloseTo(0.701, 3);
  expect(wilson(0, 10).low).toBe(0);
});
