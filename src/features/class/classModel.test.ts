import { describe, expect, it } from 'vitest';
import { emptyClassPlan, type ClassPlan } from '@/documents/class/schema';
import { withoutTransition } from '@/core/tree';
import { demoPlan } from '../../../demo/demoPlan';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { branchKey, classModelOf, dropTitles } from './classModel';

const demo = demoTree();

describe('the class of a plan', () => {
  it('offers every branch with what is seen first and the way on, and marks the chosen ones', () => {
    const model = classModelOf(demo, demoPlan(demo));
    const chosen = model.choices.filter((choice) => choice.chosen);
    expect(chosen.map((choice) => choice.place)).toEqual(['Body lock', 'Body lock', 'Body lock']);
    expect(chosen[0]).toMatchObject({
      first: 'his hips are flat: I step over to the flat side',
      onward: 'Hips killed → Three-quarter mount → Mount',
    });
    expect(new Set(model.choices.map((choice) => choice.key)).size).toBe(model.choices.length);
    expect(model.drop!.keys).toEqual([]);
  });
  it('a branch that no list offers is kept as it was chosen', () => {
    const doc = tree(
      [position('a', { reads: reaction('v') }), position('b'), position('pin', { ends: 'settled' })],
      [mine('slow', 'a', 'b', { when: { he: ['v'] } }), mine('on', 'b', 'pin'), mine('fast', 'a', 'pin')],
    );
    const plan: ClassPlan = { ...emptyClassPlan, branches: [['slow']] };
    const model = classModelOf(doc, plan);
    expect(model.choices[0]).toMatchObject({ key: 'slow', chosen: true, first: 'he v: I slow' });
    expect(model.choices.map((choice) => choice.key)).toContain(branchKey(['slow', 'on']));
  });
  it('counts chosen branches that were edited away, and keeps the others', () => {
    const plan = demoPlan(demo);
    const cut = withoutTransition(demo, plan.branches[0]![0]!);
    const model = classModelOf(cut, plan);
    expect(model.lost).toBe(1);
    expect(model.choices.filter((choice) => choice.chosen)).toHaveLength(2);
  });
  it('says what to leave out when it does not fit, and fits when that is done', () => {
    const plan = { ...demoPlan(demo), slotMinutes: 70 };
    const model = classModelOf(demo, plan);
    expect(model.time.overrunMinutes).toBeGreaterThan(0);
    expect(dropTitles(demo, model).length).toBe(model.drop!.keys.length);
    const shorter = classModelOf(demo, { ...plan, dropped: [...model.drop!.keys] });
    expect(shorter.time.overrunMinutes).toBeLessThanOrEqual(0);
    expect(shorter.units.length).toBe(model.units.length - model.drop!.keys.length);
  });
  it('offers what its filter leaves; what was chosen before and falls away stays, and says why', () => {
    const drags = classModelOf(demo, emptyClassPlan).choices.find((choice) => choice.branch[0] === 'headquarters-i-drag-the-leg')!;
    const plan: ClassPlan = { ...emptyClassPlan, branches: [[...drags.branch]], filter: { profiles: ['tove-lind'] } };
    const model = classModelOf(demo, plan);
    expect(model.choices[0]).toMatchObject({ key: drags.key, chosen: true, hiddenBy: 'profile' });
    const offered = model.choices.slice(1);
    expect(offered.length).toBeGreaterThan(20);
    expect(offered.every((choice) => choice.hiddenBy === null && !choice.branch.includes('headquarters-i-drag-the-leg'))).toBe(true);
  });
});
