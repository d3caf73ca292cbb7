import { describe, expect, it } from 'vitest';
import { findOdds } from '@/core/odds';
import { demoTree } from '../../../demo/demoTree';
import { endingBars, visitList } from './viewModel';

const tree = demoTree();
const odds = findOdds(tree);

describe('the odds desk', () => {
  it('shows all ways a round can end, mine first, summing to one', () => {
    for (const start of odds.starts) {
      const bars = endingBars(start);
      expect(bars.reduce((sum, bar) => sum + bar.value, 0)).toBeCloseTo(1, 9);
      expect(bars.map((bar) => bar.label).slice(-2)).toEqual(['he turns it', 'time runs out']);
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
});
