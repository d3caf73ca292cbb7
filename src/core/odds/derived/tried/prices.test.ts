import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../../demo/demoTree';
import { mine, position, reaction, tree } from '../../../../../tests/support/smallTree';
import { atOnce } from '../../../base';
import { findUnanswered } from '../../../structure';
import { ODDS_QUESTION } from '../../question';
import { findAdviceInPieces } from '../advice';
import { findPricesInPieces } from './prices';

describe('prices of gaps', () => {
  it('by hand: a and b alike, a answered 0.8 and b 0.2 of the time', () => {
    const doc = tree(
      [position('g', { reads: [{ ...reaction('a', 'b')[0]!, closed: true }] }), position('pin', { ends: 'settled' })],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.8, offCue: 0.2, seconds: 20 })],
    );
    const gap = { position: 'g', read: 'he', value: 'b' };
    expect(atOnce(findPricesInPieces(doc, [gap], { ...ODDS_QUESTION, roundSeconds: 20 }))).toEqual([
      { gap, price: expect.closeTo(0.3, 12) as number },
    ]);
    expect(atOnce(findPricesInPieces({ ...doc, starts: [] }, [gap], ODDS_QUESTION))).toEqual([]);
  });
  it('of the demo are those on the desk, dearest first', () => {
    const demo = demoTree();
    const gaps = findUnanswered(demo);
    const prices = atOnce(findPricesInPieces(demo, gaps, ODDS_QUESTION));
    expect(prices.map(({ price }) => price)).toEqual(prices.map(({ price }) => price).toSorted((a, b) => b - a));
    const onDesk = atOnce(findAdviceInPieces(demo, gaps, ODDS_QUESTION)).items.filter((item) => item.kind === 'gap');
    expect(onDesk.length).toBeGreaterThan(0);
    for (const item of onDesk)
      expect(prices.find(({ gap }) => gap.position === item.position && gap.value === item.value)?.price).toBeCloseTo(item.worth, 12);
  });
});
