import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULTS, isGoal, type Position, type Transition, type TreeDocument } from '../tree';
import { findOdds } from './report';
import { sharesOf } from './shows';
import { mine, his, position, reaction, tree } from '../../../tests/support/smallTree';
import { randomWorld } from '../../../tests/support/randomWorld';

const ATTEMPT = { safe: 0.15, neutral: 0.25, actNow: 0.35, danger: 0.5 };
const HOLD = { safe: 0.02, neutral: 0.08, actNow: 0.25, danger: 0.4 };

/** The chance of each value of a read (null = nothing special), as MODEL §4 says it. */
function literalShares(read: Position['reads'][number]): { value: string | null; share: number }[] {
  const isOpen = read.kind === 'reaction' && !read.closed;
  const none = isOpen ? read.values.find((value) => value.kind === 'none') : undefined;
  const equal = 1 / (read.values.length + (isOpen && !none ? 1 : 0));
  const of = (list: { value: string | null; share: number }[]) => {
    const sum = list.reduce((total, item) => total + item.share, 0);
    return list.map((item) => ({ ...item, share: sum === 0 ? 1 / list.length : item.share / sum }));
  };
  const said = read.values.map((value) => ({ value: value.id, share: value.share ?? equal }));
  if (!isOpen || none?.share !== undefined) return of(said);
  const drawn = said.filter((item) => item.value !== none?.id);
  const sum = drawn.reduce((total, item) => total + item.share, 0);
  const rest = { value: none?.id ?? null, share: Math.max(0, 1 - sum) };
  return [...drawn.map((item) => ({ ...item, share: sum > 1 ? item.share / sum : item.share })), rest];
}
const combinations = <T>(lists: readonly (readonly T[])[]): T[][] =>
  lists.reduce<T[][]>((found, list) => found.flatMap((items) => list.map((item) => [...items, item])), [[]]);

/** MODEL §4 read out literally: plain recursion over (position, seconds left), every value on its own, nothing merged or compiled. */
function bruteValue(doc: TreeDocument, start: string, seconds: number, undrawn: boolean): number {
  const defaults = { ...DEFAULTS, ...doc.defaults };
  const known = new Map<string, number>();
  const at = (id: string): Position => doc.positions.find((item) => item.id === id)!;
  const worth = (id: string, left: number): number => {
    const place = at(id);
    if (place.ends) return isGoal(doc, place.ends) ? 1 : 0;
    if (left <= 0) return 0;
    const key = `${id} ${left}`;
    if (!known.has(key)) known.set(key, faced(place, left));
    return known.get(key)!;
  };
  const later = (left: number, took: number, value: (rest: number) => number): number => (left - took < 0 ? 0 : value(left - took));
  const faced = (place: Position, left: number): number => {
    const options = doc.transitions.filter((t) => t.from === place.id && t.actor === 'owner');
    const transitions = doc.transitions.filter((t) => t.from === place.id && t.actor === 'opponent');
    const drawn = place.reads.filter((read) => read.kind !== 'timing');
    const open = drawn.filter((read) => !read.closed && !read.complete);
    const n = open.reduce((sum, read) => sum + read.values.length, 0);
    const u = !undrawn || (drawn.length > 0 && open.length === 0) ? 0 : 0.5 ** (1 + Math.min(n, 4));
    let sum = 0;
    for (const combination of combinations(
      place.reads.map((read) => literalShares(read).map((item) => ({ ...item, read: read.id, kind: read.kind }))),
    )) {
      const share = combination.reduce((total, item) => total * item.share, 1);
      if (share === 0) continue;
      const admitsShow = (t: Transition): boolean =>
        Object.entries(t.when ?? {}).every(([read, ids]) =>
          combination.some((item) => item.read === read && item.value !== null && ids.includes(item.value)),
        );
      const attempt = (option: Transition | null): number => {
        const reacted = combination.find((item) => item.kind === 'reaction');
        const answered =
          !reacted ||
          reacted.value === null ||
          (option?.when?.[reacted.read] ?? []).includes(reacted.value) ||
          (!option?.when?.[reacted.read] && options.some((t) => t.when?.[reacted.read]?.includes(reacted.value!)));
        const stopped = combination.some((item) => item.value !== null && option?.stoppedBy?.includes(item.value));
        const p = !option
          ? 0
          : stopped
            ? (option.stopped ?? defaults.stopped)
            : admitsShow(option) && answered
              ? (option.works ?? defaults.works)
              : (option.offCue ?? defaults.offCue);
        const took = option ? Math.max(1, Math.round(option.seconds ?? defaults.seconds)) : 6;
        const risk = (option ? ATTEMPT : HOLD)[place.tempo];
        const top = transitions.filter(admitsShow);
        const falls = top.filter((t) => (t.priority ?? 0) === Math.max(...top.map((other) => other.priority ?? 0)));
        const landing = (t: Transition): string =>
          t.outcomes?.find((outcome) => combination.some((item) => item.value !== null && outcome.ifShown.includes(item.value)))?.to ??
          t.to;
        return later(left, took, (rest) => {
          const failed = (answers: readonly Transition[]): number => {
            if (option?.onFail) return worth(option.onFail, rest);
            if (answers.length > 0) return answers.reduce((total, t) => total + worth(landing(t), rest), 0) / answers.length;
            return (1 - risk) * worth(place.id, rest);
          };
          const landed = option ? worth(landing(option), rest) : 0;
          const unforeseen = Math.min(p, option?.offCue ?? DEFAULTS.offCue);
          return (1 - u) * (p * landed + (1 - p) * failed(falls)) + u * (unforeseen * landed + (1 - unforeseen) * failed([]));
        });
      };
      sum += share * Math.max(...options.map(attempt), attempt(null));
    }
    return sum;
  };
  return worth(start, seconds);
}

describe('options that are worth the same', () => {
  it('are told by priority, then by the document: the first is the best', () => {
    const doc = (extra: Partial<Transition>[]): TreeDocument =>
      tree(
        [position('a'), position('pin', { ends: 'settled' })],
        extra.map((item, i) => mine(`t${i}`, 'a', 'pin', item)),
      );
    const best = (of: TreeDocument) => findOdds(of, { roundSeconds: 60 }).positions[0]!.choices.map((choice) => choice.best);
    expect(best(doc([{}, {}, {}]))).toEqual(['t0']);
    expect(best(doc([{}, { priority: 1 }, { priority: 1 }]))).toEqual(['t1']);
    expect(best(doc([{}, {}, { works: 0.7 }]))).toEqual(['t2']);
  });
});

describe('odds on the round clock', () => {
  it('agree with the definition read out literally', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: 1, max: 45 }), (seed, seconds) => {
        const doc = randomWorld(seed, { positions: 7, transitions: 14 });
        const odds = findOdds(doc, { roundSeconds: seconds });
        expect(odds.status).toBe('exact');
        for (const start of odds.starts) {
          expect(start.value).toBeCloseTo(bruteValue(doc, start.position, seconds, true), 10);
          expect(start.optimistic).toBeCloseTo(bruteValue(doc, start.position, seconds, false), 10);
        }
      }),
      { numRuns: 120, seed: 7 },
    );
  });

  it('account for every round: endings, lost and time sum to one, and goals are the value', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        for (const start of findOdds(randomWorld(seed, { positions: 20, transitions: 50 }), { roundSeconds: 90 }).starts) {
          const all = start.endings.reduce((sum, ending) => sum + ending.chance, 0) + start.lost + start.timeUp;
          expect(all).toBeCloseTo(1, 10);
          expect(start.endings.filter((ending) => ending.goal).reduce((sum, ending) => sum + ending.chance, 0)).toBeCloseTo(
            start.value,
            10,
          );
          expect(start.expectedSeconds).toBeLessThanOrEqual(90 + 1e-9);
        }
      }),
      { numRuns: 40, seed: 11 },
    );
  });

  it('one attempt that fits into the round, worked by hand', () => {
    // One closed value, answered; one try of 10 s in a round of 10 s. u = 0, so V = works.
    const reads = [{ ...reaction('a')[0]!, closed: true }];
    const doc = tree(
      [position('g', { reads }), position('pin', { ends: 'settled' })],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.7 })],
    );
    expect(findOdds(doc, { roundSeconds: 10 }).starts[0]!.value).toBeCloseTo(0.7, 12);
    expect(findOdds(doc, { roundSeconds: 9 }).starts[0]!.value).toBe(0);
    // In 20 s a second try follows unless the first was punished (neutral: 0.25): 0.7 + 0.3 · 0.75 · 0.7.
    expect(findOdds(doc, { roundSeconds: 20 }).starts[0]!.value).toBeCloseTo(0.7 + 0.3 * 0.75 * 0.7, 12);
  });

  it('an unanswered value is played off cue, and answering it raises the chance', () => {
    const open = [position('g', { reads: reaction('a', 'b') }), position('pin', { ends: 'settled' })];
    const before = tree(open, [mine('cut', 'g', 'pin', { when: { he: ['a'] } })]);
    const after = tree(open, [...before.transitions, mine('fold', 'g', 'pin', { when: { he: ['b'] } })]);
    const [low, high] = [before, after].map((doc) => findOdds(doc).starts[0]!.value);
    expect(high).toBeGreaterThan(low!);
    const worthOf = (value: string) =>
      findOdds(before).positions[0]!.choices.find((item) => item.shown[0]!.values.includes(value))!.options[0]!.worth;
    expect(worthOf('b')).toBeLessThan(worthOf('a'));
  });

  it('a failure meets the drawn consequence of highest priority, certainly', () => {
    const reads = [{ ...reaction('a')[0]!, closed: true }];
    const doc = tree(
      [position('g', { reads }), position('pin', { ends: 'settled' }), position('down', { ends: 'swept' })],
      [
        mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.6 }),
        his('sweep', 'g', 'down', { when: { he: ['a'] }, priority: 1 }),
        his('slow', 'g', 'pin', { when: { he: ['a'] } }),
      ],
    );
    const [start] = findOdds(doc).starts;
    expect(start!.value).toBeCloseTo(0.6, 12);
    expect(start!.endings).toContainEqual({ ends: 'swept', goal: false, chance: expect.closeTo(0.4, 12) });
    expect(start!.lost).toBe(0);
  });

  it('bounds what is above 64 shows instead of pretending', () => {
    const many = Array.from({ length: 7 }, (_, i) => ({
      id: `c${i}`,
      name: `c${i}`,
      kind: 'cue' as const,
      values: ['x', 'y'].map((v) => ({ id: `${v}${i}`, name: v, kind: 'other' as const })),
    }));
    const transitions = many.map((read, i) => mine(`m${i}`, 'g', 'pin', { when: { [read.id]: [`x${i}`] }, works: 0.3 + i / 20 }));
    const doc = tree([position('g', { reads: many }), position('pin', { ends: 'settled' })], transitions);
    const odds = findOdds(doc, { roundSeconds: 30 });
    expect(odds.status).toBe('bounded');
    const exact = bruteValue(doc, 'g', 30, true);
    expect(odds.starts[0]!.value).toBeLessThanOrEqual(exact + 1e-12);
    expect(odds.starts[0]!.upper).toBeGreaterThanOrEqual(exact - 1e-12);
  });

  it('says where the best option is not the coach’s first', () => {
    const reads = [{ ...reaction('a')[0]!, closed: true }];
    const doc = tree(
      [position('g', { reads }), position('pin', { ends: 'settled' })],
      [
        mine('first', 'g', 'pin', { when: { he: ['a'] }, works: 0.3, priority: 2 }),
        mine('second', 'g', 'pin', { when: { he: ['a'] }, works: 0.8 }),
      ],
    );
    expect(findOdds(doc).positions[0]!.choices[0]).toMatchObject({ best: 'second', insteadOf: 'first' });
  });
});

describe('shares of a read', () => {
  const read = (shares: (number | undefined)[], extra = {}) => ({
    ...reaction(...shares.map((_, i) => `v${i}`))[0]!,
    values: shares.map((share, i) => ({ id: `v${i}`, name: `v${i}`, kind: 'frame' as const, share })),
    ...extra,
  });
  const list = (...args: Parameters<typeof read>) => sharesOf(read(...args)).map((item) => item.share);
  it('gives a missing share an equal part, nothing special counted', () =>
    expect(list([undefined, undefined])).toEqual([1 / 3, 1 / 3, expect.closeTo(1 / 3)]));
  it('leaves the rest to nothing special', () => expect(list([0.35, 0.15])).toEqual([0.35, 0.15, 0.5]));
  it('scales what is above one', () => expect(list([1, 1])).toEqual([0.5, 0.5, 0]));
  it('normalises a closed read, and takes all zero as equal', () => {
    expect(list([0.2, 0.6], { closed: true })).toEqual([0.25, expect.closeTo(0.75)]);
    expect(list([0, 0], { closed: true })).toEqual([0.5, 0.5]);
  });
});
