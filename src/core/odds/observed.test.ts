import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { findObserved, type Observation } from './observed';

const doc = tree(
  [position('g'), position('half'), position('pin', { ends: 'settled' }), position('down', { ends: 'swept' }), position('far')],
  [mine('cut', 'g', 'half'), mine('settle', 'half', 'pin')],
);
const of = (...rows: [string, string | null, number][]) =>
  findObserved(
    doc,
    rows.map(([from, to, count]): Observation => ({ from, to, count })),
  );

describe('as it really went', () => {
  it('by hand: counts are chances, and what comes back is tried again', () => {
    const found = of(['g', 'half', 6], ['g', 'g', 2], ['g', 'down', 2], ['half', 'pin', 3], ['half', 'g', 1]);
    expect(found.ok && found.value[0]).toMatchObject({ position: 'g', seen: 10 });
    // From g: half 3/4, down 1/4 (what stays is tried again); from half: pin 3/4, g 1/4. V(g) = 3/4 (3/4 + 1/4 V(g)).
    const value = (0.75 * 0.75) / (1 - 0.75 * 0.25);
    const outlook = found.ok ? found.value[0]!.outlook! : null;
    expect(outlook!.endings).toContainEqual({ ends: 'settled', goal: true, chance: expect.closeTo(value, 12) as number });
    expect(outlook!.endings).toContainEqual({ ends: 'swept', goal: false, chance: expect.closeTo(1 - value, 12) as number });
    expect([outlook!.timeUp, outlook!.noData]).toEqual([0, 0]);
    // Each coming to g stays for 10/8 tries.
    expect(outlook!.visits.find((item) => item.position === 'g')!.visits).toBeCloseTo(1.25 / (1 - 0.75 * 0.25), 12);
  });
  it('says no data where nothing was seen, at the start and on the way', () => {
    expect(of(['half', 'pin', 3])).toEqual({ ok: true, value: [{ position: 'g', seen: 0, outlook: null }] });
    expect(of(['g', 'half', 1], ['g', null, 1])).toMatchObject({ value: [{ outlook: { endings: [], timeUp: 0.5, noData: 0.5 } }] });
    expect(of(['g', 'half', 0])).toMatchObject({ value: [{ seen: 0, outlook: null }] });
  });
  it('names a place that is not there, and places that no round was seen to leave', () => {
    expect(of(['g', 'nowhere', 1])).toEqual({ ok: false, error: { code: 'odds/no-such-place', at: 0, id: 'nowhere' } });
    expect(of(['g', 'far', 1], ['far', 'g', 1])).toEqual({ ok: false, error: { code: 'odds/never-left', positions: ['g', 'far'] } });
    expect(of(['far', 'far', 3])).toMatchObject({ error: { positions: ['far'] } });
  });
  it('sums to one whatever was seen', () => {
    const ids = ['g', 'half', 'pin', 'down', 'far'];
    const row = fc.tuple(fc.constantFrom(...ids), fc.constantFrom(...ids, null), fc.integer({ min: 0, max: 9 }));
    fc.assert(
      fc.property(fc.array(row, { maxLength: 12 }), (rows) => {
        const found = of(...rows);
        if (!found.ok) return;
        for (const { outlook } of found.value) {
          if (!outlook) continue;
          const sum = outlook.endings.reduce((total, { chance }) => total + chance, 0);
          expect(sum + outlook.timeUp + outlook.noData).toBeCloseTo(1, 9);
        }
      }),
      { numRuns: 300, seed: 5 },
    );
  });
});
