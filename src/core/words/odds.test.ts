import { describe, expect, it } from 'vitest';
import { findOdds, type Choice } from '../odds';
import { indexOf } from '../tree';
import { demoTree } from '../../../demo/demoTree';
import { clock, inHundred, plural, sayTimesARound } from './figures';
import { choiceText, sayAtBest, sayMargin, sayUndrawn } from './odds';

const tree = demoTree();
const odds = findOdds(tree);

describe('figures', () => {
  it('never say nought or a hundred for what is merely near it', () => {
    expect([0, 0.004, 0.006, 0.5, 0.994, 0.996, 1].map(inHundred)).toEqual([
      '0 in 100',
      'under 1 in 100',
      '1 in 100',
      '50 in 100',
      '99 in 100',
      'over 99 in 100',
      'over 99 in 100',
    ]);
  });
  it('say seconds as a clock, and count in words', () => {
    expect([0, 0.004, 0.01, 0.126, 1.25].map(sayTimesARound)).toEqual([
      'under once in 100 rounds',
      'under once in 100 rounds',
      'about 1 time in 100 rounds',
      'about 13 times in 100 rounds',
      'about 1.3 times a round',
    ]);
    expect([0, 59.6, 64, 300].map(clock)).toEqual(['0:00', '1:00', '1:04', '5:00']);
    expect([plural(1, 'loop'), plural(0, 'loop'), plural(2, 'branch', 'branches')]).toEqual(['1 loop', '0 loops', '2 branches']);
  });
});

describe('a choice in words', () => {
  it('says for each show what to do, the next best, and what changes when time is short', () => {
    const at = indexOf(tree).positions.get('collar-sleeve')!;
    const { choices } = odds.positions.find((item) => item.position === at.id)!;
    const texts = choices.map((choice) => choiceText(tree, at, choice));
    expect(texts.map((text) => text.shown)).toContain('he stands up');
    expect(texts.map((text) => text.shown)).toContain('nothing special');
    for (const [i, text] of texts.entries()) {
      expect(text.best).toMatch(/^(I |wait for another show)/);
      expect(text.worth).toMatch(/in 100$/);
      expect(text.changes === '').toBe(!choices[i]!.changes.some((change, n) => n === 0 && change.secondsLeft >= 10));
    }
  });
  it('says so where the figures put another answer first than the coach', () => {
    const at = indexOf(tree).positions.get('collar-sleeve')!;
    const [mine] = indexOf(tree).from.get(at.id)!;
    const choice: Choice = { ...odds.positions[0]!.choices[0]!, shown: [], insteadOf: mine!.id };
    expect(choiceText(tree, at, choice)).toMatchObject({
      shown: 'whatever he does',
      instead: expect.stringContaining('Your order puts “I '),
    });
  });
  it('says what is kept back, and between which figures the true one lies', () => {
    expect([0, 0.2].map(sayUndrawn)).toEqual(['all he can do is drawn', '20 in 100 left for what is not drawn']);
    expect(sayAtBest({ value: 0.4, optimistic: 0.3 })).toBe('40 in 100');
    expect(sayMargin({ value: 0.4, upper: 0.4001 })).toBe('');
    expect(sayMargin({ value: 0.4, upper: 0.5 })).toContain('lies between 40 in 100 and 50 in 100.');
  });
});
