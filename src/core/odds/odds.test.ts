import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Position, type Transition, type TreeDocument, sharesOf } from '../tree';
import { KNOWING_QUESTION, ODDS_QUESTION } from './question';
import { recoversTo } from './process/recovers';
import { findOdds } from './report';
import { mine, his, position, reaction, tree } from '../../../tests/support/smallTree';
import { literalRecovery, literalValue } from '../../../tests/support/literalOdds';
import { randomOdds } from '../../../tests/support/randomOdds';

const inSeconds = (roundSeconds: number, readSkill = 1) => ({ ...ODDS_QUESTION, roundSeconds, readSkill });
const closed = (...ids: string[]) => [{ ...reaction(...ids)[0]!, closed: true }];
const pin = position('pin', { ends: 'settled' });

describe('odds against this opponent', () => {
  it('agree with the definition read out literally, read wholly, in part and not at all', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e6 }),
        fc.integer({ min: 1, max: 70 }),
        fc.constantFrom(1, 1, 0.6, 0),
        (seed, seconds, readSkill) => {
          const doc = randomOdds(seed, 7);
          const odds = findOdds(doc, inSeconds(seconds, readSkill));
          expect(odds.status).toBe('exact');
          for (const start of odds.starts) {
            expect(start.value).toBeCloseTo(literalValue(doc, start.position, { seconds, readSkill }), 10);
            expect(start.foreseen).toBeCloseTo(literalValue(doc, start.position, { seconds, readSkill, isForeseen: true }), 10);
          }
        },
      ),
      { numRuns: 150, seed: 7 },
    );
  });

  it('account for every round: endings, elsewhere, turned and time sum to one, and goals with what is elsewhere are the value', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(1, 0.5), (seed, readSkill) => {
        for (const start of findOdds(randomOdds(seed, 20), inSeconds(120, readSkill)).starts) {
          const of = (goalOnly: boolean) =>
            start.endings.filter(({ goal }) => goal || !goalOnly).reduce((sum, ending) => sum + ending.chance, 0);
          expect(of(false) + start.elsewhere + start.turned + start.timeUp).toBeCloseTo(1, 10);
          expect(of(true) + start.elsewhere * 0.5).toBeCloseTo(start.value, 10);
          expect(start.expectedSeconds).toBeLessThanOrEqual(120 + 1e-9);
        }
      }),
      { numRuns: 40, seed: 11 },
    );
  });

  it('one attempt, worked by hand: what fails is recovered, turned, or stays', () => {
    const doc = tree(
      [position('g', { reads: closed('a') }), pin],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.7, seconds: 10 })],
    );
    expect(findOdds(doc, inSeconds(10)).starts[0]!.value).toBeCloseTo(0.7, 12);
    expect(findOdds(doc, inSeconds(9)).starts[0]!.value).toBe(0);
    // g is the start, so that recovering (neutral: 0.25) leads there, too; only what is turned (0.02) is lost.
    const [start] = findOdds(doc, inSeconds(20)).starts;
    expect(start!.value).toBeCloseTo(0.7 + 0.3 * 0.98 * 0.7, 12);
    expect(start!.turned).toBeCloseTo(0.3 * 0.02 * (1 + 0.3 * 0.98), 12);
    expect(start!.recoveries).toBe(0);
  });

  it('silence on the reaction means when he does nothing special; a drawn nothing special is it, too', () => {
    const reads = [
      {
        ...reaction('frames', 'still')[0]!,
        values: [
          { id: 'frames', name: 'frames', kind: 'frame' as const, share: 0.5 },
          { id: 'still', name: 'still', kind: 'none' as const },
        ],
      },
    ];
    const doc = tree([position('g', { reads }), pin], [mine('walk', 'g', 'pin', { works: 0.9, offCue: 0.1 })]);
    const { choices, undrawn } = findOdds(doc, inSeconds(20)).positions[0]!;
    const worth = (value: string) => choices.find(({ shown }) => shown[0]!.values.includes(value))!.options[0]!.worth;
    expect(undrawn).toBe(0.25);
    expect(worth('still')).toBeCloseTo(0.75 * 0.9 + 0.25 * 0.1, 12);
    expect(worth('frames')).toBeCloseTo(0.1, 12);
  });

  it('a drawn consequence works with a chance of its own; failing that, the tempo decides', () => {
    const places = [position('g', { reads: closed('a'), tempo: 'danger' }), pin, position('down', { ends: 'swept' })];
    const cut = mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.6, seconds: 20 });
    const doc = tree(places, [
      cut,
      his('sweep', 'g', 'down', { when: { he: ['a'] }, priority: 1, works: 0.5 }),
      his('slow', 'g', 'pin', { when: { he: ['a'] } }),
    ]);
    const [start] = findOdds(doc, inSeconds(20)).starts;
    expect(start!.value).toBeCloseTo(0.6, 12);
    expect(start!.endings).toContainEqual({ ends: 'swept', goal: false, chance: expect.closeTo(0.4 * 0.5, 12) as number });
    expect(start!.turned).toBeCloseTo(0.4 * 0.5 * 0.1, 12);
  });

  it('an announced branch takes no part until it is taught', () => {
    const doc = (announced: boolean) => tree([position('g'), pin], [mine('cut', 'g', 'pin', { announced })]);
    expect(findOdds(doc(true)).starts[0]!.value).toBe(0);
    expect(findOdds(doc(false)).starts[0]!.value).toBeGreaterThan(0.5);
  });

  it('going on in another tree is worth what is known of it, and by default one half, which is said', () => {
    const on = position('on', { continuesIn: { tree: 'another', position: 'there' } });
    const doc = tree([position('g', { reads: closed('a') }), on], [mine('enter', 'g', 'on', { when: { he: ['a'] }, works: 1 })]);
    expect(findOdds(doc)).toMatchObject({ byDefault: ['on'], starts: [{ value: 0.5, elsewhere: 1 }] });
    expect(findOdds(doc, ODDS_QUESTION, new Map([['on', 0.8]]))).toMatchObject({ byDefault: [], starts: [{ value: 0.8 }] });
  });

  it('a place from which nothing leads on, and where nothing ends, is not drawn', () => {
    const doc = tree([position('g'), position('void')], [mine('enter', 'g', 'void')]);
    expect(findOdds(doc).positions.map(({ isDrawn }) => isDrawn)).toEqual([true, false]);
  });
});

describe('odds if he knows your game', () => {
  const knowing = (roundSeconds: number, readSkill: number, freely: number) => ({ ...KNOWING_QUESTION, roundSeconds, readSkill, freely });
  it('agree with the definition read out literally', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e6 }),
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom(0, 0.5, 1),
        fc.constantFrom(0, 1 / 3, 1),
        (seed, seconds, readSkill, freely) => {
          const game = randomOdds(seed, 6);
          const doc = { ...game, positions: game.positions.map((item, i) => (i % 4 === 1 ? { ...item, heSeesItFirst: true } : item)) };
          const odds = findOdds(doc, knowing(seconds, readSkill, freely));
          for (const { position: id, value } of odds.starts)
            expect(value).toBeCloseTo(literalValue(doc, id, { seconds, readSkill, freely }), 8);
        },
      ),
      { numRuns: 60, seed: 17 },
    );
  });
  it('with no freedom are those against this opponent, with the same reading', () => {
    for (const seed of [1, 2, 3, 4, 5]) {
      const doc = randomOdds(seed, 12);
      const plain = findOdds(doc, inSeconds(90, 0.4));
      const free = findOdds(doc, knowing(90, 0.4, 0));
      free.starts.forEach((start, i) => {
        expect(start.value).toBeCloseTo(plain.starts[i]!.value, 9);
      });
    }
  });
  it('account for every round, and are no better the more freely he picks', () => {
    for (const seed of [11, 12, 13, 14]) {
      const doc = randomOdds(seed, 14);
      const all = [0, 1 / 3, 2 / 3, 1].map((freely) => findOdds(doc, knowing(90, 0.5, freely)));
      for (const { starts } of all)
        for (const start of starts) {
          const endings = start.endings.reduce((sum, { chance }) => sum + chance, 0);
          expect(endings + start.elsewhere + start.turned + start.timeUp).toBeCloseTo(1, 9);
          const goals = start.endings.reduce((sum, { goal, chance }) => sum + (goal ? chance : 0), 0);
          expect(goals + start.elsewhere / 2).toBeCloseTo(start.value, 7);
        }
      doc.starts.forEach((_, i) => {
        const values = all.map(({ starts }) => starts[i]!.value);
        values.slice(1).forEach((value, n) => expect(value).toBeLessThanOrEqual(values[n]! + 1e-9));
      });
    }
  });
  it('a place read as it is said there, worked by hand: half of what is read and of what is not', () => {
    const moves = [
      mine('left', 'g', 'pin', { when: { he: ['a'] }, works: 0.8, offCue: 0, seconds: 20 }),
      mine('right', 'g', 'pin', { when: { he: ['b'] }, works: 0.4, offCue: 0, seconds: 20 }),
    ];
    const worth = (readSkill: number | undefined, asked: number) =>
      findOdds(
        tree([position('g', { reads: closed('a', 'b'), ...(readSkill === undefined ? {} : { readSkill }) }), pin], moves),
        inSeconds(20, asked),
      ).starts[0]!.value;
    expect([worth(undefined, 1), worth(undefined, 0)]).toEqual([expect.closeTo(0.6, 12), expect.closeTo(0.4, 12)]);
    for (const asked of [0, 0.3, 1]) expect(worth(0.5, asked)).toBeCloseTo(0.5, 12);
  });
  it('two threats that answer each other make a mix, worked by hand; nobody mixes where he sees it first', () => {
    // Unread, each move works against the show it names and fails against the other: pennies.
    const moves = [
      mine('left', 'g', 'pin', { when: { he: ['a'] }, works: 0.8, offCue: 0, seconds: 20 }),
      mine('right', 'g', 'pin', { when: { he: ['b'] }, works: 0.4, offCue: 0, seconds: 20 }),
    ];
    const doc = (heSeesItFirst: boolean) => tree([position('g', { reads: closed('a', 'b'), heSeesItFirst }), pin], moves);
    const odds = findOdds(doc(false), knowing(20, 0, 1));
    // 0.8 x = 0.4 (1 − x): x = 1/3.
    expect(odds.starts[0]!.value).toBeCloseTo(0.8 / 3, 9);
    const { mixes } = odds.positions[0]!;
    expect(mixes!.mine).toEqual([
      { transition: 'left', chance: expect.closeTo(1 / 3, 9) as number },
      { transition: 'right', chance: expect.closeTo(2 / 3, 9) as number },
    ]);
    expect(mixes!.his.map(({ chance }) => chance)).toEqual([expect.closeTo(1 / 3, 9), expect.closeTo(2 / 3, 9)]);
    const seen = findOdds(doc(true), knowing(20, 0, 1));
    expect(seen.starts[0]!.value).toBe(0);
    expect(seen.positions[0]!.mixes!.seesItFirst).toBe(true);
  });
  it('shows what he never shows by habit, too', () => {
    const reads = closed('a', 'b');
    const rare = [{ ...reads[0]!, values: reads[0]!.values.map((value, i) => ({ ...value, share: i === 0 ? 1 : 0 })) }];
    const doc = tree(
      [position('g', { reads: rare }), pin],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.8, offCue: 0.1, seconds: 20 })],
    );
    expect(findOdds(doc, inSeconds(20)).starts[0]!.value).toBeCloseTo(0.8, 12);
    expect(findOdds(doc, knowing(20, 1, 1)).starts[0]!.value).toBeCloseTo(0.1, 12);
    expect(findOdds(doc, knowing(20, 1, 0.5)).starts[0]!.value).toBeCloseTo(0.45, 12);
  });
});

describe('where he gets his guard back', () => {
  it('is the start from which a place is reached soonest, the earlier of two alike', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const doc = randomOdds(seed, 9);
        const found = recoversTo(doc);
        // Nobody gets anything back where it has ended.
        for (const [at, { id, ends }] of doc.positions.entries())
          if (!ends) expect(doc.positions[found[at]!]!.id).toBe(literalRecovery(doc, id));
      }),
      { numRuns: 200, seed: 2 },
    );
  });
  it('leads back to the guard that was passed, and is counted', () => {
    const doc = tree(
      [position('g'), position('h'), pin],
      [mine('enter', 'g', 'h', { works: 1 }), mine('settle', 'h', 'pin', { works: 0 })],
    );
    const [start] = findOdds(doc, inSeconds(60)).starts;
    expect(start!.recoveries).toBeGreaterThan(0.1);
  });
});

describe('a choice', () => {
  const best = (of: TreeDocument, question = inSeconds(60)) => findOdds(of, question).positions[0]!.choices[0]!;
  const options = (...extra: Partial<Transition>[]): TreeDocument =>
    tree(
      [position('a'), pin],
      extra.map((item, i) => mine(`t${i}`, 'a', 'pin', item)),
    );
  it('between what is worth the same is told by priority, then by the document', () => {
    expect(best(options({}, {}, {})).best).toBe('t0');
    expect(best(options({}, { priority: 1 }, { priority: 1 })).best).toBe('t1');
    expect(best(options({}, {}, { works: 0.7 })).best).toBe('t2');
  });
  it('says where the coach’s first is clearly worse; of several first ones the best counts', () => {
    expect(best(options({ works: 0.3, priority: 2 }, { works: 0.8 })).insteadOf).toBe('t0');
    expect(best(options({ works: 0.3, priority: 2 }, { works: 0.8, priority: 2 })).insteadOf).toBeNull();
    expect(best(options({ works: 0.799, priority: 2 }, { works: 0.8 })).insteadOf).toBeNull();
    // What does not fit the show is nobody's first choice for it.
    const reads = closed('a', 'b');
    const doc = tree(
      [position('g', { reads }), pin],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, priority: 3 }), mine('fold', 'g', 'pin', { when: { he: ['b'] } })],
    );
    expect(findOdds(doc, inSeconds(60)).positions[0]!.choices.map(({ insteadOf }) => insteadOf)).toEqual([null, null]);
  });
  it('says what is better late in the round, from the most seconds at which nothing is better from there down', () => {
    // The sure pass takes 30 s; a quick one of 10 s is all that is left below.
    const { best: full, late } = best(options({ works: 0.95, seconds: 30 }, { works: 0.3, seconds: 10 }), inSeconds(60));
    expect(full).toBe('t0');
    expect(late).toEqual({ secondsLeft: 29, best: 't1' });
    expect(best(options({ works: 0.95, seconds: 30 }, { works: 0.003, offCue: 0.001, seconds: 29 })).late).toBeNull();
    // As good with a full round, and the only one that fits into less: named for the whole round.
    const alike = inSeconds(30);
    expect(best(options({ works: 0.5, offCue: 0.5, seconds: 30 }, { works: 0.5, offCue: 0.5, seconds: 20 }), alike)).toMatchObject({
      best: 't0',
      late: { secondsLeft: 30, best: 't1' },
    });
  });
  it('holds from there down against every second of the round', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const doc = randomOdds(seed, 6);
        const odds = findOdds(doc, inSeconds(100));
        for (const [at, { choices }] of odds.positions.entries())
          for (const [n, choice] of choices.entries()) {
            if (!choice.late) continue;
            const worths = (seconds: number) => findOdds(doc, inSeconds(seconds)).positions[at]!.choices[n]!.options;
            const lead = (seconds: number): number => {
              const all = worths(seconds);
              return all.find(({ transition }) => transition === choice.late!.best)!.worth - Math.max(...all.map(({ worth }) => worth));
            };
            const { secondsLeft } = choice.late;
            for (const seconds of [1, Math.ceil(secondsLeft / 2), secondsLeft]) expect(lead(seconds)).toBeGreaterThanOrEqual(-1e-12);
            expect(lead(secondsLeft + 1)).toBeLessThan(0);
          }
      }),
      { numRuns: 25, seed: 4 },
    );
  });
});

describe('shares of a read', () => {
  const read = (shares: (number | undefined | 'none')[], extra: Partial<Position['reads'][number]> = {}) => ({
    ...reaction()[0]!,
    values: shares.map((share, i) => ({
      id: `v${i}`,
      name: `v${i}`,
      kind: share === 'none' ? ('none' as const) : ('frame' as const),
      ...(typeof share === 'number' ? { share } : {}),
    })),
    ...extra,
  });
  const list = (...args: Parameters<typeof read>) => sharesOf(read(...args)).map((item) => item.share);
  it('gives a missing share an equal part, nothing special counted', () =>
    expect(list([undefined, undefined])).toEqual([1 / 3, 1 / 3, expect.closeTo(1 / 3)]));
  it('leaves the rest to nothing special, and no dust of it', () => {
    expect(list([0.35, 0.15])).toEqual([0.35, 0.15, 0.5]);
    expect(list([0.7, 0.2, 0.1])).toEqual([0.7, 0.2, 0.1, 0]);
    expect(list([0.35, 'none'])).toEqual([0.35, 0.65]);
    const drawn = read([0.5, 0.2]);
    const values = [drawn.values[0]!, { ...drawn.values[1]!, kind: 'none' as const }];
    expect(sharesOf({ ...drawn, values }).map(({ share }) => share)).toEqual([0.5, 0.5]);
  });
  it('scales what is above one', () => expect(list([1, 1])).toEqual([0.5, 0.5, 0]));
  it('normalises a closed read, and takes all zero as equal', () => {
    expect(list([0.2, 0.6], { closed: true })).toEqual([0.25, expect.closeTo(0.75)]);
    expect(list([0, 0], { closed: true })).toEqual([0.5, 0.5]);
  });
});
