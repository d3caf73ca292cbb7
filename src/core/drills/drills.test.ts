import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { indexOf, isGoal } from '../tree';
import { findBranches, isBranch } from './branches';
import { classTimeOf, findDrop, unitMinutes, withDependents, type ClassSettings } from './classTime';
import { plannedUnits } from './plannedUnits';
import { unitsOf, type DrillUnit } from './units';

const SETTINGS: ClassSettings = { slotMinutes: 60, people: 12, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };
const unit = (key: string, minutes: number, prerequisites: string[] = []): DrillUnit => ({
  key,
  kind: 'part',
  transitions: [],
  start: 'a',
  end: 'b',
  prerequisites,
  demonstrationMinutes: minutes,
  workMinutes: 0,
  resistancePercent: [0, 0],
  feeder: [],
  checkpoints: [],
  choices: [],
  mistakes: [],
  cautions: [],
  common: false,
});

/**
 * The cheapest drop by trying every set of units: fewest minutes, then fewest units. A unit of the tests is its demonstration
 * alone; the class has ten minutes of warm-up and close.
 */
function bruteDrop(units: readonly DrillUnit[], slotMinutes: number): { minutes: number; count: number } | null {
  const sum = (list: readonly DrillUnit[]): number => list.reduce((total, item) => total + item.demonstrationMinutes, 0);
  const over = Math.max(0, sum(units) + 10 - slotMinutes);
  let best: { minutes: number; count: number } | null = null;
  for (let mask = 0; mask < 1 << units.length; mask++) {
    const dropped = units.filter((_, i) => mask & (1 << i));
    const gone = new Set(dropped.map((item) => item.key));
    if (units.some((item) => !gone.has(item.key) && item.prerequisites.some((key) => gone.has(key)))) continue;
    const minutes = sum(dropped);
    if (minutes < over) continue;
    if (best === null || minutes < best.minutes || (minutes === best.minutes && dropped.length < best.count))
      best = { minutes, count: dropped.length };
  }
  return best;
}

describe('class time', () => {
  it('adds up by hand: pairs, a three, one side, change-overs', () => {
    const drill = { demonstrationMinutes: 2, workMinutes: 1.5 };
    expect(unitMinutes(drill, SETTINGS)).toBe(2 + 2 * 1.5 * 2);
    expect(unitMinutes(drill, { ...SETTINGS, people: 17 })).toBe(2 + 3 * 1.5 * 2);
    expect(unitMinutes(drill, { ...SETTINGS, bothSides: false, changeOverMinutes: 1 })).toBe(2 + 2 * 1.5 + 1);
    expect(classTimeOf([unit('a', 10), unit('b', 45)], SETTINGS)).toMatchObject({ totalMinutes: 65, overrunMinutes: 5 });
  });
  it('of drops that cost the same names the one of fewest units', () => {
    const six = [unit('a', 6), unit('b', 3), unit('c', 3), unit('d', 44)];
    expect(findDrop(six, SETTINGS)).toMatchObject({ keys: ['a'], minutes: 6 });
    expect(findDrop(six.toReversed(), SETTINGS)).toMatchObject({ keys: ['a'], minutes: 6 });
  });
  it('names the cheapest drop that breaks no prerequisite', () => {
    const units = fc.array(fc.record({ minutes: fc.integer({ min: 1, max: 12 }), needs: fc.array(fc.nat(9), { maxLength: 2 }) }), {
      minLength: 1,
      maxLength: 9,
    });
    fc.assert(
      fc.property(units, fc.integer({ min: 5, max: 60 }), (list, slotMinutes) => {
        const made = list.map(({ minutes, needs }, i) =>
          unit(`u${i}`, minutes, [...new Set(needs.filter((n) => n < i).map((n) => `u${n}`))]),
        );
        const settings = { ...SETTINGS, slotMinutes };
        const drop = findDrop(made, settings);
        expect(drop && { minutes: drop.minutes, count: drop.keys.length }).toEqual(bruteDrop(made, slotMinutes));
        if (drop) expect([...withDependents(made, drop.keys)].sort()).toEqual([...drop.keys].sort());
      }),
      { numRuns: 200, seed: 4 },
    );
  });
});

describe('units', () => {
  const doc = tree(
    [
      position('g', { reads: reaction('frame', 'hook') }),
      position('hub', { family: 'hub', reads: reaction('turns', 'rests') }),
      position('pin', { ends: 'settled' }),
      position('back', { ends: 'back' }),
    ],
    [
      mine('in', 'g', 'hub', { when: { he: ['frame'] } }),
      mine('over', 'g', 'hub', { when: { he: ['hook'] } }),
      mine('settle', 'hub', 'pin', { when: { he: ['rests'] }, stoppedBy: ['turns'] }),
      mine('take', 'hub', 'back', { when: { he: ['turns'] } }),
    ],
  );
  it('are parts, answers and a chain, each once, prerequisites first', () => {
    const units = unitsOf(doc, [
      ['in', 'settle'],
      ['in', 'take'],
    ]);
    expect(units.map((item) => item.key)).toEqual([
      'part/in',
      'answer/in/frame',
      'part/settle',
      'answer/settle/rests',
      'chain/in+settle',
      'part/take',
      'answer/take/turns',
      'chain/in+take',
    ]);
    const seen = new Set<string>();
    for (const item of units) {
      expect(item.prerequisites.every((key) => seen.has(key))).toBe(true);
      seen.add(item.key);
    }
  });
  it('tell the feeder what to show and what to leave out', () => {
    const answer = unitsOf(doc, [['in', 'settle']]).find((item) => item.key === 'answer/settle/rests')!;
    expect(answer.feeder).toEqual([{ position: 'hub', show: 'rests', then: 'settle', leaveOut: ['turns'] }]);
  });
  it('name the beginning that branches share up to a hub', () => {
    const longer = {
      ...doc,
      positions: [...doc.positions, position('first')],
      transitions: [...doc.transitions, mine('step', 'first', 'g')],
    };
    const units = unitsOf(longer, [
      ['step', 'in', 'settle'],
      ['step', 'in', 'take'],
    ]);
    expect(units.filter((item) => item.common).map((item) => item.key)).toEqual(['chain/step+in']);
  });
  it('pass over branches that were edited away, and keep the coach’s minutes', () => {
    expect(unitsOf(doc, [['in', 'take', 'settle'], ['nothing']])).toEqual([]);
    const plan = plannedUnits(doc, { branches: [['in', 'settle']], workMinutes: { 'part/in': 3 }, dropped: ['answer/settle/rests'] });
    expect(plan.all.find((item) => item.key === 'part/in')!.workMinutes).toBe(3);
    expect(plan.units.map((item) => item.key)).toEqual(['part/in', 'answer/in/frame', 'part/settle']);
  });
});

describe('branches', () => {
  it('every offered branch is a path, and ends at a goal if one can be reached', () => {
    const doc = demoTree();
    const branches = findBranches(doc);
    expect(branches.length).toBeGreaterThan(40);
    for (const { start, branch } of branches) {
      expect(isBranch(doc, branch)).toBe(true);
      expect(indexOf(doc).transitions.get(branch[0]!)!.from).toBe(start);
    }
    const ends = branches.map(({ branch }) => indexOf(doc).positions.get(indexOf(doc).transitions.get(branch.at(-1)!)!.to)!.ends);
    expect(ends.filter((ending) => ending && isGoal(doc, ending)).length).toBe(branches.length);
  });
});
