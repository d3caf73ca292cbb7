import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atOnce } from '../../base';
import { literalSteady, literalValue } from '../../../../tests/support/literalOdds';
import { randomOdds } from '../../../../tests/support/randomOdds';
import { his, mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { findAdviceInPieces } from '../derived/advice';
import { objectiveOf, type PointsTable } from './objective';
import { KNOWING_QUESTION, ODDS_QUESTION } from '../question';
import { findOdds } from '../report';
import { findSteadyOdds } from '../steady/report';

const TABLE: PointsTable = [
  { for: 'pass', points: 3 },
  { for: 'back', points: 4 },
  { for: 'sweep', points: 2 },
  { for: 'enter', points: 1 },
];
const asked = { ...ODDS_QUESTION, roundSeconds: 60, points: TABLE };

describe('points', () => {
  it('agree with the definition read out literally, in both questions and on both clocks', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(ODDS_QUESTION, KNOWING_QUESTION), (seed, question) => {
        const doc = randomOdds(seed, 6);
        const freely = question.ask === 'knowing' ? question.freely : 0;
        const literal = { seconds: 50, readSkill: question.readSkill, freely, points: TABLE };
        for (const start of findOdds(doc, { ...question, roundSeconds: 50, points: TABLE }).starts)
          expect(start.value).toBeCloseTo(literalValue(doc, start.position, literal), 7);
        const steady = literalSteady(doc, literal);
        for (const { position: id, value } of findSteadyOdds(doc, { ...question, roundSeconds: 50, points: TABLE }).positions)
          expect(value).toBeCloseTo(steady.get(id)!, 7);
      }),
      { numRuns: 40, seed: 31 },
    );
  });
  it('by hand: an ending by what stands in for it, a kind where no ending is listed, his with the other sign', () => {
    const of = (owner: 'passer' | 'guardPlayer') => objectiveOf(tree([], [], { owner }), TABLE);
    expect([of('passer').ending('settled'), of('passer').ending('back'), of('passer').ending('swept')]).toEqual([3, 4, -2]);
    expect([of('passer').ending('submission'), of('passer').ending('submitted'), of('passer').ending('escaped')]).toEqual([20, -20, -0]);
    expect([of('passer').turned, of('guardPlayer').turned, of('guardPlayer').ending('swept')]).toEqual([-2, -3, 2]);
    // A pass that settles is not paid twice; one that leads on is paid.
    expect([of('passer').move('owner', 'pass', 'settled'), of('passer').move('owner', 'pass', undefined)]).toEqual([0, 3]);
    expect([of('passer').move('opponent', 'sweep', undefined), of('passer').move('owner', 'sweep', 'escaped')]).toEqual([-2, 2]);
  });
  it('below zero, doing nothing is best where all that can be done costs', () => {
    const closed = [{ ...reaction('a')[0]!, closed: true }];
    const doc = tree(
      [position('g', { reads: closed, tempo: 'safe' }), position('down', { ends: 'swept' }), position('pin', { ends: 'settled' })],
      [
        mine('dive', 'g', 'pin', { when: { he: ['a'] }, works: 0.01, seconds: 60 }),
        his('sweeps', 'g', 'down', { when: { he: ['a'] }, works: 1 }),
      ],
    );
    const [start] = findOdds(doc, asked).starts;
    // One try of a minute: 0.01 · 3 − 0.99 · 2; waiting, he sweeps at once.
    expect(start!.value).toBeCloseTo(0.01 * 3 - 0.99 * 2, 12);
    expect(start!.value).toBeLessThan(0);
  });
  it('practice of what is paid by its kind pays', () => {
    const doc = tree(
      [position('g', { reads: [{ ...reaction('a')[0]!, closed: true }] }), position('hub'), position('pin', { ends: 'settled' })],
      [mine('in', 'g', 'hub', { kind: 'enter', when: { he: ['a'] }, works: 0.5, seconds: 60 })],
    );
    const { items } = atOnce(findAdviceInPieces(doc, [], asked));
    // Paid 1 more in ten, and of ten failures fewer 0.2 are turned, at 2 each.
    expect(items.find((item) => item.kind === 'practise')!.worth).toBeCloseTo(0.1 + 0.1 * 0.02 * 2, 12);
  });
});
