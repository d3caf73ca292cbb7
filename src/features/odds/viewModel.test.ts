import { describe, expect, it } from 'vitest';
import { findOdds, type Choice } from '@/core/odds';
import { indexOf } from '@/core/tree';
import { clock, inHundred, plural } from '@/core/words';
import { demoTree } from '../../../demo/demoTree';
import { choiceText, endingBars, visitList } from './viewModel';

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
    expect([0, 59.6, 64, 300].map(clock)).toEqual(['0:00', '1:00', '1:04', '5:00']);
    expect([plural(1, 'loop'), plural(0, 'loop'), plural(2, 'branch', 'branches')]).toEqual(['1 loop', '0 loops', '2 branches']);
  });
});

describe('the odds desk', () => {
  it('shows all ways a round can end, mine first, summing to one', () => {
    for (const start of odds.starts) {
      const bars = endingBars(start);
      expect(bars.reduce((sum, bar) => sum + bar.value, 0)).toBeCloseTo(1, 9);
      expect(bars.map((bar) => bar.label).slice(-2)).toEqual(['lost the exchange', 'time runs out']);
      const mine = bars.filter((bar) => ['settled', 'back taken', 'submission'].includes(bar.label));
      expect(bars.slice(0, mine.length)).toEqual(mine);
    }
  });
  it('lists the places of a round, the most fought over first', () => {
    const list = visitList(tree, odds.starts[0]!);
    expect(list.length).toBeLessThanOrEqual(16);
    expect(list[0]!.name).toBe('Collar and sleeve');
    expect(list.every((item) => /^(under 0\.1|\d+\.\d)$/.test(item.visits))).toBe(true);
  });
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
});
