import { describe, expect, it } from 'vitest';
import { atOnce } from '../base';
import { mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { literalValue } from '../../../tests/support/literalOdds';
import { randomOdds } from '../../../tests/support/randomOdds';
import { elsewhereInPieces, linksElsewhere, steadyWorths, worthsInPieces } from './elsewhere';
import { ODDS_QUESTION } from './question';
import { findOdds } from './report';
import { findSteadyOdds } from './steady/report';

const closed = (...ids: string[]) => [{ ...reaction(...ids)[0]!, closed: true }];
const on = (id: string, to: string, other = 'other') => position(id, { continuesIn: { tree: other, position: to } });
const here = tree(
  [position('g', { reads: closed('a') }), on('on', 'there'), on('gone', 'nowhere'), on('far', 'x', 'a third'), on('back', 'pin')],
  [mine('enter', 'g', 'on', { when: { he: ['a'] }, works: 1 })],
);
const other = tree(
  [position('there', { reads: closed('a') }), position('pin', { ends: 'settled' }), on('away', 'g', 't')],
  [mine('cut', 'there', 'pin', { when: { he: ['a'] }, works: 0.7, seconds: 250 })],
  { id: 'other', starts: [] },
);
const worthsOf = (question = ODDS_QUESTION) => atOnce(elsewhereInPieces(here, question, new Map([['other', other]])));

describe('what goes on in another tree', () => {
  it('is worth what it is worth there with a full round, by hand; what is not at hand is not there', () => {
    // One try fits into the round: 0.7; and the pin there is a goal.
    expect([...worthsOf()]).toEqual([
      ['on', expect.closeTo(0.7, 12) as number],
      ['back', 1],
    ]);
    expect(worthsOf({ ...ODDS_QUESTION, roundSeconds: 249 }).get('on')).toBe(0);
    const odds = findOdds(here, ODDS_QUESTION, worthsOf());
    expect(odds).toMatchObject({ byDefault: ['gone', 'far'], starts: [{ value: expect.closeTo(0.7, 12) as number }] });
    expect(odds.goesOn.map((item) => item.position)).toEqual(['on', 'back']);
  });
  it('is only what has no way on here that is taught, and no ending', () => {
    const way = mine('way', 'on', 'g', { announced: true });
    expect(linksElsewhere({ ...here, transitions: [...here.transitions, way] })).toHaveLength(4);
    expect(linksElsewhere({ ...here, transitions: [...here.transitions, { ...way, announced: false }] })).toHaveLength(3);
  });
  it('agrees with the other tree’s own odds on either clock, from any place', () => {
    for (const seed of [1, 2, 3]) {
      const doc = randomOdds(seed, 7);
      const question = { ...ODDS_QUESTION, roundSeconds: 50 };
      const worths = atOnce(worthsInPieces(doc, question));
      for (const { id, ends } of doc.positions)
        if (!ends) expect(worths.get(id)).toBeCloseTo(literalValue(doc, id, { seconds: 50, readSkill: 1 }), 10);
      const steady = atOnce(steadyWorths(doc, question));
      for (const { position: id, value } of findSteadyOdds(doc, question).starts) expect(steady.get(id)).toBe(value);
    }
  });
});
