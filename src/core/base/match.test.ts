import { describe, expect, it } from 'vitest';
import { FORGIVEN, missOfNames } from './match';

describe('what is typed and what is meant', () => {
  const miss = (typed: string, ...names: string[]) => missOfNames(typed, names);
  it('the same is best, then its beginning, then a letter wrong; else it is not meant', () => {
    expect(miss('knee shield', 'Knee shield')).toBe(0);
    expect(miss('knee sh', 'Knee shield')).toBe(1);
    expect(miss('shield', 'Knee shield', 'Z guard')).toBeLessThan(FORGIVEN);
    expect(miss('kneee shield', 'Knee shield')).toBe(FORGIVEN);
    expect(miss('knee sheild', 'Knee shield')).toBe(FORGIVEN);
    expect(miss('lasso', 'Knee shield')).toBeNull();
    expect(miss('calf', 'Half guard')).toBeGreaterThanOrEqual(FORGIVEN);
  });
  it('accents and signs do not matter, short words have to be right, nothing typed means all', () => {
    expect(miss('dé-la riva', 'De La Riva')).toBe(0);
    expect(miss('pim', 'Side pin')).toBeNull();
    expect([miss('', 'x'), miss('  ', 'x'), miss('…', 'x')]).toEqual([0, 0, null]);
  });
});
