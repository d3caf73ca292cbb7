import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { diffOf, headerOf, withNewGuard } from '@/core/tree';
import { demoTree } from '../../demo/demoTree';
import { wholeTree } from '../../tests/fixtures/wholeTree';
import { boardParamsSchema } from './boardParams';
import { idFromAddress, idToAddress } from './address';
import { diffSchema, saveSchema, sinceSchema } from './documents';
import { heldSchema } from './classes';
import { courseAskedSchema, courseToStoreSchema } from './course';
import { classPlanSchema, emptyClassPlan } from '@/documents/class/schema';
import { headerSchema, idSchema, positionSchema, transitionSchema } from '@/documents/tree/schema';

describe('the address of the board', () => {
  it('takes a view and a place, and ignores what it does not know', () => {
    expect(boardParamsSchema.parse({ show: 'hub', at: 'headquarters' })).toEqual({ show: 'hub', at: 'headquarters' });
    expect(boardParamsSchema.parse({ show: 'everything', at: ['a', 'b'], other: '1' })).toEqual({});
    expect(boardParamsSchema.parse({})).toEqual({});
  });
});

describe('a class plan', () => {
  it('has whole numbers of people in a slot that can be taught', () => {
    const ok = (patch: object): boolean => classPlanSchema.safeParse({ ...emptyClassPlan, ...patch }).success;
    expect(ok({})).toBe(true);
    for (const patch of [
      { people: 1 },
      { people: 2.5 },
      { slotMinutes: 0 },
      { slotMinutes: 1e9 },
      { warmUpMinutes: -1 },
      { units: [{ kind: 'move', of: [] }] },
      { units: [{ kind: 'dance', of: ['x'] }] },
      { units: [{ kind: 'move', of: ['x'], work: 0 }] },
      { units: [{ kind: 'move', of: ['x'], resistance: [50, 20] }] },
      { time: '25:00' },
      { date: '2026-02-30' },
      { extra: 1 },
    ])
      expect(ok(patch), JSON.stringify(patch)).toBe(false);
  });
});

describe('the tree document', () => {
  it('accepts every field of the model and refuses any other', () => {
    const whole = wholeTree;
    const { positions, transitions } = whole;
    expect(headerSchema.safeParse(headerOf(whole)).error?.issues).toBeUndefined();
    for (const position of positions) expect(positionSchema.safeParse(position).error?.issues).toBeUndefined();
    for (const transition of transitions) expect(transitionSchema.safeParse(transition).error?.issues).toBeUndefined();
    expect(positionSchema.safeParse({ ...positions[0], colour: 'red' }).success).toBe(false);
    expect(transitionSchema.safeParse({ ...transitions[0], works: 1.2 }).success).toBe(false);
    expect(transitionSchema.safeParse({ ...transitions[0], works: Number.NaN }).success).toBe(false);
  });
  it('has ids of visible characters, also from other scripts', () => {
    for (const id of ['a', 'knee shield 2', 'halbe Wache', '半']) expect(idSchema.safeParse(id).success, id).toBe(true);
    for (const id of ['', ' ', ' a', 'a ', '\ta', '__proto__', 'x'.repeat(121)]) expect(idSchema.safeParse(id).success, id).toBe(false);
  });
});

describe('a save', () => {
  it('carries the revision it was made on and at least one edit, each with an id of its own', () => {
    const tree = demoTree();
    const diff = diffOf(tree, withNewGuard(tree, 'Inverted').tree, 'guard Inverted');
    const id = crypto.randomUUID();
    expect(saveSchema.safeParse({ baseRevision: 1, edits: [{ id, diff }] }).success).toBe(true);
    expect(diffSchema.safeParse(diff).success).toBe(true);
    for (const bad of [
      { baseRevision: 0, edits: [{ id, diff }] },
      { baseRevision: 2 ** 31, edits: [{ id, diff }] },
      { baseRevision: 1, edits: [] },
      { baseRevision: 1, edits: [{ diff }] },
      { baseRevision: 1, edits: [{ id: 'mine', diff }] },
      { edits: [{ id, diff }] },
    ])
      expect(saveSchema.safeParse(bad).success).toBe(false);
    for (const changes of [
      [{ kind: 'table' }],
      [{ kind: 'field', field: '__proto__', from: null, to: {} }],
      [{ kind: 'row', list: 'positions', id: 'a', at: 0, from: null, to: { id: 'b' } }],
    ])
      expect(diffSchema.safeParse({ ...diff, changes }).success).toBe(false);
    for (const label of ['', 'a\u0000b', '\ud800', 'x'.repeat(401)]) expect(diffSchema.safeParse({ ...diff, label }).success).toBe(false);
  });
  it('asks since a revision that can be one', () => {
    expect(sinceSchema.parse('7')).toBe(7);
    for (const bad of ['', '0', '-1', '1e3', '2147483648', '99999999999', 'x']) expect(sinceSchema.safeParse(bad).success, bad).toBe(false);
  });
});

describe('an id in an address', () => {
  it('comes back as it was, whatever is in it, and no parser of addresses swallows it', () => {
    for (const id of [
      'league-evening',
      '..',
      '.',
      '%2e%2e',
      '50% guard',
      'q/b',
      'q%2Fb',
      '~',
      '半',
      'a b',
      'constructor',
      '#?&',
      '~Li4',
      'ü',
    ]) {
      const segment = idToAddress(id);
      expect(new URL(`http://127.0.0.1/board/${segment}/file`).pathname, id).toBe(`/board/${segment}/file`);
      expect(idFromAddress(segment), id).toBe(id);
      expect(idFromAddress(decodeURIComponent(segment)), id).toBe(id);
      expect(idFromAddress(encodeURIComponent(segment)), id).toBe(id);
    }
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 120 }), (id) => idFromAddress(idToAddress(id)) === id),
      { numRuns: 500, seed: 3 },
    );
  });
  it('is refused where it is written otherwise', () => {
    for (const segment of ['', '..', '%2e%2e', 'q%2Fb', '50%', '~', '~!!', '~bGVhZ3Vl', 'a.b', '~_w'])
      expect(idFromAddress(segment), segment).toBeNull();
  });
});

describe('a course', () => {
  const asked = { dates: ['2026-12-01'], slotMinutes: 60, mostNew: 3, gapDays: 6 };
  it('has days that there are, due moves among them, and is not polished when it is written down', () => {
    const ok = (patch: object): boolean => courseAskedSchema.safeParse({ ...asked, ...patch }).success;
    const due = (by: string, count = 1) => ({ due: Array.from({ length: count }, () => ({ move: 'constructor', by })) });
    expect([ok({}), ok({ polish: true }), ok(due('2026-12-01', 24)), ok({ mostNew: null })]).toEqual([true, true, true, true]);
    for (const patch of [
      due('2026-02-30'),
      due(''),
      due('2026-12-01', 25),
      { dates: [] },
      { time: '25:00' },
      { gapDays: -1 },
      { extra: 1 },
    ])
      expect(ok(patch), JSON.stringify(patch)).toBe(false);
    expect(ok({ balance: [{ kind: 'side', of: 'other', name: 'the other side' }] })).toBe(true);
    const written = { ...asked, from: '2026-12-01', weekdays: [1], weeks: 4, classes: [] };
    expect(courseToStoreSchema.safeParse(written).success).toBe(true);
    for (const patch of [{ polish: true }, { weekdays: [7] }, { weekdays: [] }, { weeks: 13 }])
      expect(courseToStoreSchema.safeParse({ ...written, ...patch }).success).toBe(false);
  });
});

describe('a class held', () => {
  it('tells the mirrored unit from the first', () => {
    const unit = { kind: 'move', of: ['cut'] };
    const held = (of: object) => ({
      ...{ id: crypto.randomUUID(), class: null, name: 'Tuesday', date: '2026-12-01', came: [], people: 9, mistakes: [] },
      units: [{ unit: of, moves: ['cut'], went: 'well' }],
    });
    expect(heldSchema.parse(held({ ...unit, mirrored: true })).units[0]!.unit).toEqual({ ...unit, mirrored: true });
    expect(heldSchema.safeParse(held({ ...unit, mirrored: false })).success).toBe(false);
  });
});
