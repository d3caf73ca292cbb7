import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findOdds, ODDS_QUESTION } from '../odds';
import { DEFAULTS, type Habit, type Profile, type Read, type TreeDocument, sharesOf } from '../tree';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { filterTree } from './filter';
import { readWithHabits } from './habits';

const read = (shares: Record<string, number | undefined>, extra: Partial<Read> = {}): Read => ({
  ...reaction()[0]!,
  values: Object.entries(shares).map(([id, share]) => ({
    id,
    name: id,
    kind: id === 'still' ? ('none' as const) : ('frame' as const),
    ...(share === undefined ? {} : { share }),
  })),
  ...extra,
});
const shown = (of: Read, habits: Record<string, number>) =>
  Object.fromEntries(
    sharesOf(readWithHabits(of, new Map(Object.entries(habits)))).map(({ value, share }) => [value ?? 'nothing', Number(share.toFixed(6))]),
  );

describe('the shares of one who has habits', () => {
  it('by hand: his stand, the others keep theirs where they fit, nothing special takes what is left', () => {
    expect(shown(read({ a: 0.3, b: 0.2 }), { a: 0.6 })).toEqual({ a: 0.6, b: 0.2, nothing: 0.2 });
    expect(shown(read({ a: 0.3, b: 0.2, still: undefined }), { a: 0.6 })).toEqual({ a: 0.6, b: 0.2, still: 0.2 });
    // They do not fit: scaled to what is left.
    expect(shown(read({ a: 0.3, b: 0.6 }), { a: 0.7 })).toEqual({ a: 0.7, b: 0.3, nothing: 0 });
    // Above 1 together: scaled to 1, and nothing is left.
    expect(shown(read({ a: 0.3, b: 0.2, c: 0.1 }), { a: 0.9, b: 0.6 })).toEqual({ a: 0.6, b: 0.4, c: 0, nothing: 0 });
  });
  it('in a closed read the others are scaled up, too; all 0 are equal', () => {
    expect(shown(read({ a: 0.5, b: 0.3, c: 0.2 }, { closed: true }), { a: 0.2 })).toEqual({ a: 0.2, b: 0.48, c: 0.32 });
    expect(shown(read({ a: 1, b: 0, c: 0 }, { closed: true }), { a: 0.2 })).toEqual({ a: 0.2, b: 0.4, c: 0.4 });
    expect(shown(read({ a: 0.5, b: 0.5 }, { kind: 'cue' }), { a: 0.9 })).toEqual({ a: 0.9, b: 0.1 });
  });
  it('sum to one, and are his own wherever he has one that fits', () => {
    const part = fc.option(
      fc.integer({ min: 0, max: 20 }).map((n) => n / 20),
      { nil: undefined },
    );
    fc.assert(
      fc.property(fc.tuple(part, part, part), fc.tuple(part, part), fc.boolean(), ([a, b, c], [x, y], isClosed) => {
        const habits = Object.fromEntries(Object.entries({ a: x, b: y }).filter(([, share]) => share !== undefined)) as Record<
          string,
          number
        >;
        const found = shown(read({ a, b, c }, { closed: isClosed }), habits);
        expect(Object.values(found).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 5);
        const over = Math.max(
          1,
          Object.values(habits).reduce((sum, share) => sum + share, 0),
        );
        for (const [id, share] of Object.entries(habits)) expect(found[id]).toBeCloseTo(share / over, 5);
      }),
      { numRuns: 300, seed: 8 },
    );
  });
});

const pin = position('pin', { ends: 'settled' });
const opponent = (extra: Partial<Profile>): Profile => ({ id: 'his', name: 'His', of: 'opponent', ...extra });
const against = (doc: TreeDocument, extra: Partial<Profile>): TreeDocument =>
  filterTree({ ...doc, profiles: [opponent(extra)] }, { profiles: ['his'] }).tree;

describe('a tree against an opponent', () => {
  const doc = tree(
    [position('g', { family: 'half', reads: [{ ...read({ a: 0.3, b: 0.3 }) }] }), pin],
    [
      mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.8, tags: ['speed', 'knee'], priority: 1 }),
      mine('walk', 'g', 'pin', { when: { he: ['a'] }, works: 0.4 }),
    ],
  );
  const sharesIn = (of: TreeDocument) => Object.fromEntries(sharesOf(of.positions[0]!.reads[0]!).map(({ value, share }) => [value, share]));
  it('a habit at a place comes before one of its family, and of two alike the later', () => {
    const habits: Habit[] = [
      { position: 'g', value: 'a', share: 0.1 },
      { position: 'g', value: 'a', share: 0.5 },
      { family: 'half', kind: 'frame', share: 0.4 },
    ];
    expect(sharesIn(against(doc, { habits }))).toMatchObject({ a: 0.5, b: 0.4 });
    expect(sharesIn(against(doc, { habits: [{ family: 'open', kind: 'frame', share: 0.9 }] }))).toMatchObject({ a: 0.3, b: 0.3 });
  });
  it('strong against a tag: seven tenths of every chance, defaults too, and once', () => {
    const [cut, walk] = against(doc, { strongAgainst: ['speed', 'knee'] }).transitions;
    expect(cut).toMatchObject({ works: 0.8 * 0.7, offCue: DEFAULTS.offCue * 0.7, stopped: DEFAULTS.stopped * 0.7 });
    expect(walk).toEqual(doc.transitions[1]);
  });
  it('what he knows works as if stopped and is nobody’s first choice, unless it is varied', () => {
    const known = against(doc, { knows: ['speed'] });
    expect(known.transitions[0]).toMatchObject({ works: DEFAULTS.stopped, offCue: DEFAULTS.stopped, stopped: DEFAULTS.stopped });
    const choiceOf = (of: TreeDocument) => findOdds(of, { ...ODDS_QUESTION, roundSeconds: 60 }).positions[0]!.choices[0]!;
    expect(choiceOf(doc)).toMatchObject({ best: 'cut', insteadOf: null });
    expect(choiceOf(known)).toMatchObject({ best: 'walk', insteadOf: null });
    expect(against(doc, { knows: ['cut'], varied: ['cut'] }).transitions[0]).toEqual(doc.transitions[0]);
  });
  it('an athlete of ours has habits only as the other one', () => {
    const ours = { ...doc, profiles: [{ ...opponent({ habits: [{ position: 'g', value: 'a', share: 0.9 }] }), of: 'athlete' as const }] };
    expect(sharesIn(filterTree(ours, { profiles: ['his'] }).tree)).toMatchObject({ a: 0.3 });
    expect(sharesIn(filterTree(ours, { against: ['his'] }).tree)).toMatchObject({ a: 0.9 });
  });
  it('the three scouted opponents of the demo play other games', () => {
    const demo = demoTree();
    const values = ['oren-vask', 'mila-tarn', 'jory-brask'].map((id) =>
      findOdds(filterTree(demo, { profiles: [id] }).tree)
        .starts.map(({ value }) => value.toFixed(4))
        .join(),
    );
    expect(new Set(values).size).toBe(3);
  });
});
