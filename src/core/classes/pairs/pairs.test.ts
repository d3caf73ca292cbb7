import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { brokenIn, metKey, pairCost, pairsHeld, planPairs, swapped, type Trainee } from './pairs';

const one = (id: string, kilos: number | null = 70, extra: Partial<Trainee> = {}): Trainee => ({
  ...{ id, kilos, level: 1, feedsOnly: false, isMinor: false },
  ...extra,
});
const crowd = (count: number): Trainee[] =>
  Array.from({ length: count }, (_, i) => one(`p${String(i).padStart(2, '0')}`, 50 + ((i * 37) % 50)));

describe('pairs', () => {
  it('by hand: the nearest in size and level work together', () => {
    const people = [one('a', 60), one('b', 90), one('c', 62), one('d', 92)];
    expect(planPairs(people, { rounds: 1, seed: 1 }).rounds[0]).toEqual([
      ['a', 'c'],
      ['b', 'd'],
    ]);
    expect(pairCost(one('a', 60), one('b', 65, { level: 3 }))).toBe(5 + 12);
    expect(pairCost(one('a', null), one('b', 65))).toBe(0);
  });
  it('never two who only feed, never a minor with an adult; who has nobody is named', () => {
    const people = [
      one('a', 60, { feedsOnly: true }),
      one('b', 60, { feedsOnly: true }),
      one('c', 90),
      one('d', 95),
      one('kid', 45, { isMinor: true }),
    ];
    const { rounds, alone } = planPairs(people, { rounds: 2, seed: 1 });
    expect(alone).toEqual(['kid']);
    for (const groups of rounds) expect(brokenIn(groups, new Map(people.map((item) => [item.id, item])))).toEqual([]);
    expect(planPairs(people.slice(0, 2), { rounds: 1, seed: 1 })).toMatchObject({ alone: ['a', 'b'] });
    expect(planPairs([], { rounds: 1, seed: 1 })).toEqual({ rounds: [[]], alone: [], repeats: 0 });
  });
  it('a minor who would be left over works with the nearest adult whom the gym has named, and only then', () => {
    const minor = (id: string) => one(id, 45, { isMinor: true });
    const adults = [one('a', 60), one('near', 65, { withMinors: true }), one('far', 95, { withMinors: true }), one('d', 90)];
    const of = (...people: Trainee[]) => planPairs(people, { rounds: 1, seed: 1 });
    const alone = of(minor('kid'), ...adults);
    expect(alone.alone).toEqual([]);
    expect(alone.rounds[0]).toContainEqual(['kid', 'near']);
    expect(of(minor('kid'), minor('kit'), ...adults).rounds[0]).toContainEqual(['kid', 'kit']);
    expect(brokenIn([['kid', 'a']], new Map([minor('kid'), one('a')].map((item) => [item.id, item])))).toHaveLength(1);
  });
  it('who has met of late comes later, but nobody twice in a class before all have met', () => {
    const people = [one('a', 60), one('b', 60), one('c', 90), one('d', 90)];
    const of = (rounds: number) =>
      planPairs(people, {
        rounds,
        seed: 1,
        before: new Map([
          [metKey('a', 'b'), 5],
          [metKey('a', 'c'), 9],
        ]),
      });
    expect(of(1).rounds[0]).toEqual([
      ['a', 'd'],
      ['b', 'c'],
    ]);
    const { rounds, repeats } = of(3);
    expect(repeats).toBe(0);
    expect(new Set(rounds.flat().map((group) => group.join())).size).toBe(6);
  });
  it('held are those that met: less who stayed away, and of what was done', () => {
    const rounds = [
      [
        ['a', 'b'],
        ['c', 'd', 'e'],
      ],
      [
        ['a', 'c'],
        ['b', 'd', 'e'],
      ],
    ];
    expect(pairsHeld(rounds, new Set(['a', 'c', 'd', 'e']), [true, false])).toEqual([[['c', 'd', 'e']], []]);
    expect(pairsHeld(rounds, new Set(['a', 'b', 'd', 'e']), [true, true])).toEqual([
      [
        ['a', 'b'],
        ['d', 'e'],
      ],
      [['b', 'd', 'e']],
    ]);
  });
  it('an odd number makes one three, each as often as the others, give or take one', () => {
    const { rounds } = planPairs(crowd(7), { rounds: 7, seed: 3 });
    const times = new Map<string, number>();
    for (const groups of rounds) {
      expect(groups.filter((group) => group.length === 3)).toHaveLength(1);
      for (const id of groups.find((group) => group.length === 3)!) times.set(id, (times.get(id) ?? 0) + 1);
    }
    const counts = crowd(7).map(({ id }) => times.get(id) ?? 0);
    expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
  });
  it('nobody meets anybody again until all have met, and the same seed gives the same', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10 }), fc.integer({ min: 1, max: 1e6 }), fc.nat(18), (half, seed, asked) => {
        const people = crowd(half * 2);
        const rounds = 1 + (asked % Math.max(1, people.length - 1));
        const plan = planPairs(people, { rounds, seed });
        expect(planPairs(people, { rounds, seed })).toEqual(plan);
        expect(plan.repeats).toBe(0);
        const met = plan.rounds.flat().map(([a, b]) => metKey(a!, b!));
        expect(new Set(met).size).toBe(met.length);
        for (const groups of plan.rounds) expect(groups.flat().toSorted()).toEqual(people.map(({ id }) => id).toSorted());
      }),
      { numRuns: 60, seed: 9 },
    );
  });
  it('who met before meets others first', () => {
    const before = new Map([[metKey('p00', 'p01'), 2]]);
    const { rounds } = planPairs(crowd(4), { rounds: 2, seed: 1, before });
    expect(rounds.flat().some((group) => group.includes('p00') && group.includes('p01'))).toBe(false);
  });
  it('are swapped by hand', () => {
    expect(
      swapped(
        [
          ['a', 'b'],
          ['c', 'd', 'e'],
        ],
        'b',
        'e',
      ),
    ).toEqual([
      ['a', 'e'],
      ['c', 'd', 'b'],
    ]);
  });
});
