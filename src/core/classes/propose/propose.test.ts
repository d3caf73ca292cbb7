import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bruteSolve } from '../../../../tests/support/bruteSolve';
import { solveProgramme } from '../../../server/solver/solveProgramme';
import { checkOrder } from '../clock/order';
import { KIND_FACTS, type UnitKind } from '../units/spec';
import type { ClassSettings } from '../clock/time';
import type { DrillUnit } from '../units/units';
import { mostWorthwhile, type Candidate } from './candidates';
import { USUAL_SHAPE, type Wanted } from './model';
import { programmeText } from './programme';
import { propose, unlike, type Proposal } from './propose';

const SETTINGS: ClassSettings = { slotMinutes: 60, people: 12, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };
const unit = (key: string, kind: UnitKind, prerequisites: string[] = []): DrillUnit => ({
  ...{
    key,
    kind,
    phase: KIND_FACTS[kind].phase,
    spec: { kind, of: [key] },
    prerequisites,
    transitions: [],
    start: 'a',
    end: 'b',
    accepted: [],
  },
  ...{ demonstrationMinutes: 3, workMinutes: 2, sides: null, checkpoints: [], choices: [], mistakes: [], cautions: [] },
  stages: [{ transitions: [], resistance: [0, kind === 'round' ? 100 : 15], feeder: [] }],
});
const candidate = (of: DrillUnit, minutes: number, benefit: number, extra: Partial<Candidate> = {}): Candidate => ({
  ...{ unit: of, isShort: false, minutes, benefit, once: [], isNew: true, isHard: of.kind === 'round', staleness: 1 },
  ...extra,
});
const WANTED: Wanted = {
  ...{
    minutes: 50,
    shape: USUAL_SHAPE,
    mostNew: null,
    hardInARow: 2,
    musts: [],
    mustNots: [],
    known: new Set<string>(),
    theme: null,
    places: null,
  },
};
const keysOf = (found: unknown): string[] => (found as Proposal).chosen.map((item) => item.unit.key);

describe('a proposed class', () => {
  const pool = [
    candidate(unit('a', 'move'), 11, 0.02),
    candidate(unit('b', 'move'), 11, 0.01),
    candidate(unit('c', 'move'), 11, 0.03),
    candidate(unit('ab', 'chain', ['a', 'b']), 10, 0.05),
    candidate(unit('round', 'round', ['a']), 9, 0.01),
    candidate(unit('other', 'round', ['c']), 9, 0.004),
  ];
  it('brings most within the slot, keeps prerequisites and shape, and says why each is in and what is not', async () => {
    const found = (await propose(pool, SETTINGS, WANTED, bruteSolve)) as Proposal;
    expect(keysOf(found)).toEqual(['a', 'b', 'ab', 'round']);
    expect(found).toMatchObject({ minutes: 50, gap: 0, givenUp: [], without: [] });
    expect(found.chosen[0]!.neededBy).toEqual(['ab', 'round']);
    expect(found.leftOut[0]).toMatchObject({ unit: { key: 'c' }, why: 'room', minutes: 11 });
    expect(found.leftOut.at(-1)).toMatchObject({ unit: { key: 'other' }, why: 'needs', needs: ['c'] });
    const second = (await propose(pool, SETTINGS, { ...WANTED, shape: null, unlike: unlike(found) }, bruteSolve)) as Proposal;
    const again = second.chosen.filter(({ unit: { key } }) => keysOf(found).includes(key)).reduce((sum, { minutes }) => sum + minutes, 0);
    expect(again).toBeLessThanOrEqual(found.minutes / 2);
  });
  it('has what must be in, not what must not, no more that is new than is asked, and what is known needs no part', async () => {
    expect(keysOf(await propose(pool, SETTINGS, { ...WANTED, musts: ['c'] }, bruteSolve))).toContain('c');
    expect(keysOf(await propose(pool, SETTINGS, { ...WANTED, mustNots: ['ab'] }, bruteSolve))).not.toContain('ab');
    const few = (await propose(pool, SETTINGS, { ...WANTED, mostNew: 2, shape: null }, bruteSolve)) as Proposal;
    expect(few.chosen.filter(({ isNew }) => isNew).length).toBeLessThanOrEqual(2);
    expect(
      keysOf(await propose(pool, SETTINGS, { ...WANTED, minutes: 25, known: new Set(['a', 'b']), shape: null }, bruteSolve)),
    ).toContain('ab');
  });
  it('is about one of the places that are asked for, or says that none would do', async () => {
    const places = new Map([
      ['first', new Set(['a', 'b', 'round'])],
      ['second', new Set(['c', 'other'])],
    ]);
    const loose = { ...WANTED, shape: { phases: {}, all: [2, 7] as const }, places };
    const found = (await propose(pool, SETTINGS, loose, bruteSolve)) as Proposal;
    expect(found).toMatchObject({ about: 'first', givenUp: [] });
    expect(keysOf(found).toSorted()).toEqual(['a', 'b', 'round']);
    const second = (await propose(pool, SETTINGS, { ...loose, mustNots: ['a'] }, bruteSolve)) as Proposal;
    expect(second.about).toBe('second');
    expect(keysOf(second)).toEqual(['c', 'other']);
    expect(await propose(pool, SETTINGS, { ...loose, places: new Map([['none', new Set<string>()]]) }, bruteSolve)).toMatchObject({
      about: null,
      givenUp: ['place'],
    });
  });
  it('counts what counts once, once', async () => {
    const once = [{ key: 'teach t', kind: 'teach' as const, transition: 't', worth: 0.04 }];
    const twice = [
      candidate(unit('x', 'move'), 20, 0, { once }),
      candidate(unit('y', 'move'), 20, 0, { once }),
      candidate(unit('z', 'move'), 20, 0.01),
    ];
    const found = (await propose(twice, SETTINGS, { ...WANTED, minutes: 40, shape: null }, bruteSolve)) as Proposal;
    expect(keysOf(found)).toContain('z');
    // Teaching 0.04 once and a little practice; twice it would be 0.08.
    expect(found.worth).toBeGreaterThanOrEqual(0.05);
    expect(found.worth).toBeLessThan(0.06);
  });
  it('gives up theme, then shape, then musts, and says so; and the slot that would do', async () => {
    expect(await propose(pool, SETTINGS, { ...WANTED, theme: new Set(['nothing']) }, bruteSolve)).toMatchObject({ givenUp: ['theme'] });
    expect(await propose(pool.slice(0, 3), SETTINGS, WANTED, bruteSolve)).toMatchObject({ givenUp: ['shape'] });
    const short = await propose(pool, SETTINGS, { ...WANTED, minutes: 24, musts: ['a', 'ab'] }, bruteSolve);
    expect(short).toMatchObject({ givenUp: ['shape', 'musts'], without: ['ab'], needs: 32 });
    // Two of three fit: of the pairs the one that brings most.
    const two = await propose(pool, SETTINGS, { ...WANTED, minutes: 23, musts: ['a', 'b', 'c'] }, bruteSolve);
    expect(two).toMatchObject({ givenUp: ['shape', 'musts'], without: ['b'], needs: 33 });
    expect(await propose(pool, SETTINGS, { ...WANTED, minutes: 5, musts: ['a'] }, bruteSolve)).toEqual({ impossible: 'time', needs: 11 });
    expect(await propose([], SETTINGS, WANTED, bruteSolve)).toEqual({ impossible: 'nothing', needs: null });
  });
  it('on random pools is what trying every class finds, by the solver, too', async () => {
    const kinds = fc.constantFrom<UnitKind>('move', 'chain', 'read', 'round');
    const pools = fc.array(
      fc.record({
        kind: kinds,
        minutes: fc.integer({ min: 4, max: 15 }),
        benefit: fc.integer({ min: 0, max: 30 }),
        needs: fc.array(fc.nat(9), { maxLength: 2 }),
        isNew: fc.boolean(),
      }),
      { minLength: 2, maxLength: 10 },
    );
    await fc.assert(
      fc.asyncProperty(pools, fc.option(fc.nat(3)), async (list, mostNew) => {
        const rank = ({ kind }: { kind: UnitKind }): number => ['move', 'chain', 'read', 'round'].indexOf(kind);
        const made = list.map(({ kind, minutes, benefit, needs, isNew }, i) =>
          candidate(
            unit(
              `u${i}`,
              kind,
              needs.filter((at) => at < list.length && rank(list[at]!) < rank({ kind })).map((at) => `u${at}`),
            ),
            minutes,
            benefit / 1000,
            { isNew },
          ),
        );
        const wanted = { ...WANTED, mostNew };
        const [brute, highs] = [await propose(made, SETTINGS, wanted, bruteSolve), await propose(made, SETTINGS, wanted, solveProgramme)];
        if ('impossible' in brute) return expect(highs).toEqual(brute);
        expect((highs as Proposal).givenUp).toEqual(brute.givenUp);
        expect((highs as Proposal).gap).toBeLessThan(1e-9);
        const value = ({ chosen }: Proposal) => chosen.reduce((sum, { benefit, minutes }) => sum + benefit * 100 - minutes * 1e-5, 0);
        expect(value(highs as Proposal)).toBeCloseTo(value(brute), 6);
        expect(
          checkOrder(brute.chosen.map(({ unit: of }) => of)).filter(({ kind }) => kind === 'brokenOrder' || kind === 'missingPrerequisite'),
        ).toEqual([]);
      }),
      { numRuns: 40, seed: 6 },
    );
  });
});

describe('a programme as text', () => {
  it('is what solvers read', () => {
    expect(
      programmeText({
        worth: [1.5, 0],
        rows: [
          {
            least: 1,
            most: 2,
            terms: [
              [0, 1],
              [1, -0.25],
            ],
          },
        ],
      }),
    ).toBe(
      [
        'Maximize',
        ' worth: + 1.5 x0',
        'Subject To',
        ' l0: + 1 x0 - 0.25 x1 >= 1',
        ' m0: + 1 x0 - 0.25 x1 <= 2',
        'Binary',
        ' x0',
        ' x1',
        'End',
        '',
      ].join('\n'),
    );
  });
});

describe('of many candidates', () => {
  it('those that bring most for their minutes are weighed, with what they build on, musts and some rounds', () => {
    const many = Array.from({ length: 60 }, (_, i) => candidate(unit(`m${i}`, 'move'), 10, i / 1000));
    const round = candidate(unit('round', 'round', ['m0']), 10, 0);
    const kept = mostWorthwhile([...many, round], 20, new Set(['m3'])).map((item) => item.unit.key);
    expect(kept).toEqual(expect.arrayContaining(['m59', 'm50', 'm3', 'round', 'm0']));
    expect(kept.length).toBeLessThanOrEqual(21);
    expect(mostWorthwhile(many, 60)).toHaveLength(60);
  });
});
