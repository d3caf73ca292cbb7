import { describe, expect, it } from 'vitest';
import { NOTHING_KNOWN, unitKey, unitsOfBranch } from '@/core/classes';
import { withoutTransition } from '@/core/tree';
import { emptyClassPlan, type ClassPlan } from '@/documents/class/schema';
import { demoPlan } from '../../../demo/demoPlan';
import { demoTree } from '../../../demo/demoTree';
import { unitTitle } from '@/core/words';
import { branchChoices, classModelOf, moved, withOtherSide, withUnits } from './classModel';
import { sentencesOf } from './sentences';

const demo = demoTree();
const plan = demoPlan();

describe('the class of a plan', () => {
  it('offers every branch with what is seen first and the way on, and marks those whose units are all in it', () => {
    const choices = branchChoices(demo, plan);
    expect(new Set(choices.map((choice) => choice.key)).size).toBe(choices.length);
    expect(choices.filter(({ chosen }) => chosen)).toEqual([]);
    const flat = choices.find(({ branch }) => branch[0] === 'body-lock-i-step-over-to-the-flat-side')!;
    expect(flat).toMatchObject({ place: 'Body lock', first: 'his hips are flat: I step over to the flat side' });
    expect(flat.onward).toBe('Hips killed → Three-quarter mount → Mount');
    const more: ClassPlan = { ...plan, units: withUnits(plan.units, unitsOfBranch(demo, flat.branch)) };
    expect(
      branchChoices(demo, more)
        .filter(({ chosen }) => chosen)
        .map(({ key }) => key),
    ).toEqual([flat.key]);
    expect(classModelOf(demo, more).findings.filter(({ kind }) => kind === 'brokenPhase' || kind === 'brokenOrder')).toEqual([]);
  });
  it('reports what was edited away, and keeps the rest', () => {
    const model = classModelOf(withoutTransition(demo, 'body-lock-i-step-over-to-the-flat-side'), plan);
    expect(model.lost.map(unitKey)).toEqual([unitKey(plan.units[0]!), unitKey(plan.units[2]!)]);
    expect(model.units.length).toBeGreaterThan(0);
  });
  it('says what to leave out when it does not fit, and fits when that is done', () => {
    const long = { ...plan, slotMinutes: 45 };
    const { drop, time } = classModelOf(demo, long);
    expect(time.overrunMinutes).toBeGreaterThan(0);
    const shorter = classModelOf(demo, { ...long, units: plan.units.filter((unit) => !drop.keys.includes(unitKey(unit))) });
    expect(shorter.time.overrunMinutes).toBeLessThanOrEqual(0);
  });
  it('offers what its filter leaves; what was planned before and falls away stays, and says why', () => {
    const drag = 'headquarters-i-drag-the-leg';
    const filtered: ClassPlan = { ...emptyClassPlan, units: [{ kind: 'move', of: [drag] }], filter: { profiles: ['tove-lind'] } };
    const model = classModelOf(demo, filtered);
    expect([...model.barred]).toEqual([[drag, 'profile']]);
    expect(sentencesOf(demo, model).get(unitKey(filtered.units[0]!))!.join()).toContain('drag the leg');
    const offered = branchChoices(demo, filtered);
    expect(offered.length).toBeGreaterThan(20);
    expect(offered.every(({ branch }) => !branch.includes(drag))).toBe(true);
  });
  it('asks for no part that two thirds of those who come were taught, and names the one that is missing', () => {
    const read: ClassPlan = { ...emptyClassPlan, units: [plan.units[2]!] };
    const missing = classModelOf(demo, read);
    expect(missing.findings.map(({ kind }) => kind)).toEqual(['missingPrerequisite', 'missingPrerequisite']);
    const [said] = sentencesOf(demo, missing).get(unitKey(read.units[0]!))!;
    expect(said).toBe('“by cue: Body lock” builds on “part: I step over to the flat side”, which is not in this class.');
    expect(classModelOf(demo, read, { ...NOTHING_KNOWN, taughtTo: () => 0.7 }).findings).toEqual([]);
    expect(classModelOf(demo, { ...plan, cap: 40 }).findings).toContainEqual(expect.objectContaining({ kind: 'overCap', cap: 40 }));
  });
  it('takes in the other side after the first, each on one side, and says which it is', () => {
    const [first] = classModelOf(demo, plan).units;
    const units = withOtherSide(plan.units, first!);
    expect(units).toHaveLength(plan.units.length + 1);
    const model = classModelOf(demo, { ...plan, units });
    expect(model.lost).toEqual([]);
    expect(model.units.slice(0, 2).map(({ sides }) => sides)).toEqual([1, 1]);
    expect(unitTitle(demo, model.units[1]!)).toBe(`${unitTitle(demo, first!)}, mirrored`);
    // Both together take no longer at work than both sides did, and the other side is shown in half a minute.
    const work = (keys: readonly string[]) => keys.reduce((sum, key) => sum + model.time.perUnit.get(key)!, 0);
    expect(work(model.units.slice(0, 2).map(({ key }) => key))).toBeCloseTo(
      classModelOf(demo, plan).time.perUnit.get(first!.key)! + 0.5,
      9,
    );
    // A minute and a half on each of two sides is enough.
    expect(model.short).toEqual(classModelOf(demo, plan).short);
    const early = [units[1]!, units[0]!, ...units.slice(2)];
    expect(
      sentencesOf(demo, classModelOf(demo, { ...plan, units: early }))
        .get(unitKey(units[1]!))!
        .join(),
    ).toMatch(/mirrored” comes before “[^”]+”, on which it builds/);
  });
  it('moves a unit, and what is moved too early says so', () => {
    const keys = plan.units.map(unitKey);
    const turned = moved(plan.units, keys[3]!, 0);
    expect(turned.map(unitKey)).toEqual([keys[3], keys[0], keys[1], keys[2]]);
    expect(moved(plan.units, keys[0]!, 99).map(unitKey).at(-1)).toBe(keys[0]);
    expect(moved(plan.units, 'nothing', 0)).toEqual(plan.units);
    expect(sentencesOf(demo, classModelOf(demo, { ...plan, units: turned })).size).toBeGreaterThan(0);
  });
});
