import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bruteSolve } from '../../../../tests/support/bruteSolve';
import { KIND_FACTS } from '../units/spec';
import type { DrillUnit } from '../units/units';
import type { Candidate } from './candidates';
import { programmeOf, USUAL_SHAPE, type Wanted } from './model';
import { isAllowed } from './programme';
import { isForTable, solveByTable } from './table';

const unit = (key: string, prerequisites: string[]): DrillUnit => ({
  ...{
    key,
    kind: 'move',
    phase: KIND_FACTS.move.phase,
    spec: { kind: 'move', of: [key] },
    prerequisites,
    transitions: [],
    start: 'a',
    end: 'b',
  },
  ...{ accepted: [], demonstrationMinutes: 3, workMinutes: 2, sides: null, checkpoints: [], choices: [], mistakes: [], cautions: [] },
  stages: [{ transitions: [], resistance: [0, 0], feeder: [] }],
});
const candidate = (of: DrillUnit, minutes: number, benefit: number, isShort = false): Candidate => ({
  ...{ unit: of, isShort, minutes, benefit, once: [], isNew: false, isHard: false, staleness: 1 },
});
const BARE: Wanted = {
  ...{
    minutes: 20,
    shape: null,
    mostNew: null,
    hardInARow: null,
    musts: [],
    mustNots: [],
    known: new Set<string>(),
    theme: null,
    places: null,
  },
};

describe('the table', () => {
  it('finds on random forests what trying every class finds, in one length or another', async () => {
    const units = fc.array(
      fc.record({ quarters: fc.integer({ min: 4, max: 40 }), benefit: fc.nat(30), parent: fc.nat(9), hasShort: fc.boolean() }),
      { minLength: 1, maxLength: 7 },
    );
    await fc.assert(
      fc.asyncProperty(
        units,
        fc.integer({ min: 0, max: 30 }),
        fc.subarray(['u1', 'u3']),
        fc.subarray(['u0', 'u2']),
        async (list, minutes, nots, knows) => {
          const candidates = list.flatMap(({ quarters, benefit, parent, hasShort }, i) => {
            const of = unit(`u${i}`, parent < i ? [`u${parent}`] : parent === 9 ? ['not there'] : []);
            const whole = candidate(of, quarters / 4, benefit / 1000);
            return hasShort ? [whole, candidate(of, Math.max(1, quarters - 3) / 4, benefit / 1500, true)] : [whole];
          });
          const wanted = { ...BARE, minutes, mustNots: nots, known: new Set(knows) };
          expect(isForTable(candidates, wanted)).toBe(true);
          const programme = programmeOf(candidates, wanted);
          const [table, brute] = [solveByTable(candidates, wanted), await bruteSolve(programme)];
          const value = (chosen: readonly number[]): number => chosen.reduce((sum, i) => sum + programme.worth[i]!, 0);
          expect(isAllowed(programme, new Set(table.chosen))).toBe(true);
          expect(value(table.chosen)).toBeCloseTo(Math.max(0, value(brute.chosen)), 9);
          expect(table.bound).toBeCloseTo(value(table.chosen), 9);
        },
      ),
      { numRuns: 150, seed: 12 },
    );
  });
  it('does not serve where more is asked', () => {
    const list = [candidate(unit('a', []), 10, 0.1), candidate(unit('b', ['a']), 10, 0.1)];
    expect(isForTable(list, BARE)).toBe(true);
    for (const more of [{ shape: USUAL_SHAPE }, { mostNew: 2 }, { hardInARow: 1 }, { musts: ['a'] }, { theme: new Set(['a']) }])
      expect(isForTable(list, { ...BARE, ...more })).toBe(false);
    expect(isForTable([...list, candidate(unit('c', ['a', 'b']), 10, 0.1)], BARE)).toBe(false);
    expect(isForTable([...list, candidate(unit('c', ['a', 'b']), 10, 0.1)], { ...BARE, known: new Set(['b']) })).toBe(true);
    expect(isForTable([{ ...list[0]!, once: [{ key: 't', kind: 'teach', transition: 't', worth: 1 }] }], BARE)).toBe(false);
    expect(solveByTable([], BARE)).toEqual({ status: 'optimal', chosen: [], bound: 0 });
  });
});
