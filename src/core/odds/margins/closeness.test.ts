import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { nineToOne } from '../../../../tests/support/smallTree';
import { findUnanswered } from '../../structure';
import { KNOWING_QUESTION, ODDS_QUESTION } from '../question';
import { findAdvice } from '../derived/advice';
import { findCloseness } from './closeness';

const QUESTION = { ...ODDS_QUESTION, roundSeconds: 60 };
describe('how sure the order is', () => {
  it('of what is met nine times as often it is', () => {
    const doc = nineToOne({ works: 0.5 });
    const items = findAdvice(doc, [], QUESTION);
    expect(items.map((item) => item.kind === 'practise' && item.transition)).toEqual(['a', 'b']);
    const { alike, spreads } = findCloseness(doc, items, QUESTION)!;
    expect(alike).toBe(1);
    // A tenth more of nine in ten: 0.09, about as sure as the share; what fails is tried again on the clock that ranks.
    expect(items[0]!.worth).toBeCloseTo(0.09, 12);
    expect(spreads[0]!.low).toBeGreaterThan(0.05);
    expect(spreads[0]!.high).toBeLessThan(0.13);
  });
  it('of the demo it is not: its chances are mostly defaults', () => {
    const doc = demoTree();
    for (const question of [ODDS_QUESTION, KNOWING_QUESTION, { ...ODDS_QUESTION, readSkill: 0.5 }]) {
      const items = findAdvice(doc, findUnanswered(doc), question).slice(0, 6);
      const { alike, spreads } = findCloseness(doc, items, question)!;
      expect(alike).toBeGreaterThan(3);
      spreads.forEach(({ low, high }, i) => {
        expect(low).toBeLessThan(items[i]!.worth + 0.01);
        expect(high).toBeGreaterThan(items[i]!.worth - 0.01);
      });
    }
  });
  it('of nothing is nothing', () => expect(findCloseness(nineToOne({}), [], QUESTION)).toBeNull());
});
