import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findDrop, withDependents, type Droppable } from './drop';
import type { ClassSettings } from './time';

const SETTINGS: ClassSettings = { slotMinutes: 60, people: 12, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };
/** A unit that is its demonstration alone. */
const unit = (key: string, minutes: number, prerequisites: string[] = [], benefit = 0): Droppable => ({
  ...{ key, kind: 'move', prerequisites, benefit, demonstrationMinutes: minutes, workMinutes: 0, sides: null },
});

/** The cheapest drop by trying every set: fewest minutes, then units, then benefit, then latest. The class has ten minutes round it. */
function bruteDrop(units: readonly Droppable[], slotMinutes: number, musts: readonly string[]): string[] | null {
  const over = Math.max(0, units.reduce((sum, item) => sum + item.demonstrationMinutes, 0) + 10 - slotMinutes);
  const gone = Array.from({ length: 1 << units.length }, (_, mask) => units.map((__, i) => (mask >> i) & 1));
  const possible = gone.filter((dropped) => {
    const keys = new Set(units.filter((_, i) => dropped[i]).map(({ key }) => key));
    const isWhole = units.every(({ key, prerequisites }) => keys.has(key) || !prerequisites.some((need) => keys.has(need)));
    const minutes = units.reduce((sum, item, i) => sum + (dropped[i] ? item.demonstrationMinutes : 0), 0);
    return isWhole && minutes >= over && !musts.some((key) => keys.has(key));
  });
  const price = (dropped: readonly number[]): number[] => [
    units.reduce((sum, item, i) => sum + (dropped[i] ? item.demonstrationMinutes : 0), 0),
    dropped.reduce((sum, item) => sum + item, 0),
    units.reduce((sum, item, i) => sum + (dropped[i] ? item.benefit! : 0), 0),
    ...dropped,
  ];
  const [best] = possible.toSorted((a, b) => {
    const [x, y] = [price(a), price(b)];
    const at = x.findIndex((item, i) => item !== y[i]);
    return at < 0 ? 0 : x[at]! - y[at]!;
  });
  return best ? units.filter((_, i) => best[i]).map(({ key }) => key) : null;
}

describe('the cheapest drop', () => {
  it('of the same minutes is the one of fewest units, and names the others', () => {
    const six = [unit('a', 6), unit('b', 3), unit('c', 3), unit('d', 44)];
    expect(findDrop(six, SETTINGS)).toMatchObject({ keys: ['a'], minutes: 6, others: [['b', 'c']], missing: 0, status: 'exact' });
  });
  it('says what is missing when all that may go is not enough', () => {
    const units = [unit('a', 50), unit('b', 20, ['a'])];
    expect(findDrop(units, { ...SETTINGS, slotMinutes: 40 }, ['a'])).toMatchObject({ keys: ['b'], minutes: 20, missing: 20 });
    expect(findDrop(units, { ...SETTINGS, slotMinutes: 40 }, ['b'])).toMatchObject({ keys: [], missing: 40 });
    expect(findDrop([], { ...SETTINGS, slotMinutes: 5 })).toMatchObject({ keys: [], missing: 5 });
  });
  it('takes units that need one another in a circle out together', () => {
    expect(findDrop([unit('a', 5, ['b']), unit('b', 5, ['a']), unit('c', 43)], SETTINGS)).toMatchObject({ keys: ['a', 'b'], minutes: 10 });
  });
  it('is what trying every set finds, in any order of the units', () => {
    const units = fc.array(
      fc.record({ minutes: fc.integer({ min: 1, max: 9 }), needs: fc.array(fc.nat(9), { maxLength: 2 }), benefit: fc.nat(3) }),
      { minLength: 1, maxLength: 9 },
    );
    fc.assert(
      fc.property(units, fc.integer({ min: 12, max: 60 }), fc.array(fc.nat(8), { maxLength: 1 }), (list, slotMinutes, must) => {
        const made = list.map(({ minutes, needs, benefit }, i) =>
          unit(`u${i}`, minutes, [...new Set(needs.filter((need) => need !== i && need < list.length).map((need) => `u${need}`))], benefit),
        );
        const musts = must.map((i) => `u${i}`);
        const drop = findDrop(made, { ...SETTINGS, slotMinutes }, musts);
        const brute = bruteDrop(made, slotMinutes, musts);
        expect(drop.missing > 0 ? null : drop.keys).toEqual(brute);
        expect([...withDependents(made, drop.keys)].sort()).toEqual([...drop.keys].sort());
      }),
      { numRuns: 200, seed: 4 },
    );
  });
});
