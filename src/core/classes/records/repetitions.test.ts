import { describe, expect, it } from 'vitest';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { repetitionsFor, repetitionsOf } from './repetitions';
import { forgettingOf, stalenessAfter, stalenessOn } from './staleness';
import { unitOf } from '../units/units';

describe('repetitions, by hand', () => {
  it('are minutes × pace × share, twice on a path twice', () => {
    const paths = [
      { transitions: ['a', 'b'], share: 3 },
      { transitions: ['a', 'a'], share: 1 },
    ];
    expect([...repetitionsFor(paths, 4, 2)]).toEqual([
      ['a', 8 * 0.75 + 2 * 8 * 0.25],
      ['b', 6],
    ]);
    expect([...repetitionsFor([{ transitions: ['a'] }, { transitions: ['b'] }], 3, 2)]).toEqual([
      ['a', 3],
      ['b', 3],
    ]);
    expect(repetitionsFor([], 3).size).toBe(0);
  });
  it('are counted on both sides where both are drilled', () => {
    const doc = tree(
      [position('g', { reads: reaction('x') }), position('p', { ends: 'settled' })],
      [mine('cut', 'g', 'p', { when: { he: ['x'] } })],
    );
    const unit = unitOf(doc, { kind: 'move', of: ['cut'], work: 2 })!;
    expect(repetitionsOf([unit], { bothSides: true }, 3)).toEqual([{ transition: 'cut', left: 6, right: 6 }]);
    expect(repetitionsOf([{ ...unit, sides: 1 }], { bothSides: true }, 3)).toEqual([{ transition: 'cut', left: 0, right: 6 }]);
    const other = unitOf(doc, { kind: 'move', of: ['cut'], work: 3, mirrored: true })!;
    expect(repetitionsOf([{ ...unit, sides: 1 }, other], { bothSides: true }, 3)).toEqual([{ transition: 'cut', left: 9, right: 6 }]);
  });
});

describe('staleness', () => {
  it('is half after a half-life, which each good session lengthens; never taught is 1', () => {
    expect(stalenessAfter(14, 1)).toBeCloseTo(0.5, 12);
    expect(stalenessAfter(14 * 1.6, 2)).toBeCloseTo(0.5, 12);
    expect(stalenessAfter(0, 3)).toBe(0);
    expect(stalenessAfter(3, 0)).toBe(1);
  });
  it('is as the gym has it, and what it does not say as usual', () => {
    expect(forgettingOf()).toEqual({ halfLifeDays: 14, growth: 1.6 });
    const slow = forgettingOf({ halfLifeDays: 28 });
    expect([stalenessAfter(28, 1, slow), stalenessAfter(28 * 1.6, 2, slow)].map((item) => item.toFixed(6))).toEqual([
      '0.500000',
      '0.500000',
    ]);
  });
  it('counts days from the last session before the day, over a change of the month', () => {
    expect(stalenessOn('2026-03-14', ['2026-02-28'])).toBeCloseTo(0.5, 12);
    expect(stalenessOn('2026-03-14', ['2026-02-28', '2026-04-01'])).toBeCloseTo(0.5, 12);
    expect(stalenessOn('2026-01-01', ['2026-02-28'])).toBe(1);
  });
});
