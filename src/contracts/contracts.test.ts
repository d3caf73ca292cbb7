import { describe, expect, it } from 'vitest';
import { diffOf, withNewGuard } from '@/core/tree';
import { demoTree } from '../../demo/demoTree';
import { wholeTree } from '../../tests/fixtures/wholeTree';
import { boardParamsSchema } from './boardParams';
import { saveChangesSchema } from './changes';
import { classPlanSchema, emptyClassPlan } from './classPlan';
import { headerSchema, idSchema, positionSchema, transitionSchema } from './treeDocument';

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
      { branches: [[]] },
      { workMinutes: { x: 0 } },
      { extra: 1 },
    ])
      // prettier-ignore
      expect(ok(patch), JSON.stringify(patch)).toBe(false);
  });
});

describe('the tree document', () => {
  it('accepts every field of the model and refuses any other', () => {
    const whole = wholeTree;
    const { positions, transitions, ...header } = whole;
    expect(headerSchema.safeParse(header).error?.issues).toBeUndefined();
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
  it('carries the revision it was made on and at least one edit', () => {
    const tree = demoTree();
    const diff = diffOf(tree, withNewGuard(tree, 'Inverted').tree, 'guard Inverted');
    expect(saveChangesSchema.safeParse({ baseRevision: 1, diffs: [diff] }).success).toBe(true);
    for (const bad of [
      { baseRevision: 0, diffs: [diff] },
      { baseRevision: 1, diffs: [] },
      { baseRevision: 1, diffs: [{ ...diff, changes: [{ kind: 'table' }] }] },
      { diffs: [diff] },
    ])
      // prettier-ignore
      expect(saveChangesSchema.safeParse(bad).success).toBe(false);
  });
});
