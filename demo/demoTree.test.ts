import { describe, expect, it } from 'vitest';
import { classTimeOf, unitsOf } from '@/core/classes';
import { findCandidates, placeOf } from '@/core/catalogue';
import { blockingOf, findGripFindings, toBreakAlong } from '@/core/grips';
import { findOdds } from '@/core/odds';
import { findCycles, findDeadEnds, findFilterDifference, findUnanswered, findUnreachable } from '@/core/structure';
import type { Filter } from '@/core/lens';
import { checkTree, ownerOptions, ownerRoleOf, indexOf, type Transition } from '@/core/tree';
import { heldSchema } from '@/contracts/classes';
import { ADULT, feedsOnly, isMinor, isNewcomer } from '@/core/people';
import { demoAthletes, demoGroups, demoHeld } from './demoPeople';
import { demoPlan } from './demoPlan';
import { demoTree } from './demoTree';

const tree = demoTree();
const index = indexOf(tree);

describe('the demo gym', () => {
  it('is a checked tree, the same every time, with guards of every family', () => {
    expect(checkTree(tree).ok).toBe(true);
    expect(demoTree()).toEqual(tree);
    expect(tree.positions.length).toBeGreaterThanOrEqual(45);
    const families = tree.starts.map((start) => index.positions.get(start.position)!.family);
    expect(['open', 'half', 'closed'].every((family) => (families as string[]).includes(family))).toBe(true);
  });
  it('has real gaps, with and without a drawn price, a dead end and something never reached', () => {
    const gaps = findUnanswered(tree);
    expect(gaps.some((gap) => gap.consequences.length > 0)).toBe(true);
    expect(gaps.some((gap) => gap.consequences.length === 0)).toBe(true);
    expect(findDeadEnds(tree)).toEqual(['truck-side']);
    expect(findUnreachable(tree)).toEqual(['crab-ride']);
  });
  it('has a hub whose cue is closed, and every value of it answered', () => {
    const lock = index.positions.get('body-lock')!;
    const hips = lock.reads.find((read) => read.closed)!;
    expect(hips.values.map((value) => value.name)).toEqual(['flat', 'turned in', 'turned away']);
    expect(findUnanswered(tree).filter((gap) => gap.read === 'hips')).toEqual([]);
  });
  it('has at least three true dilemmas: each of two answers is stopped by what the other answers', () => {
    const named = (transition: Transition): string[] => Object.values(transition.when ?? {}).flat();
    const stops = (a: Transition, b: Transition): boolean => (a.stoppedBy ?? []).some((value) => named(b).includes(value));
    const dilemmas = tree.positions.flatMap((position) => {
      const options = ownerOptions(index, position.id);
      return options.flatMap((a, i) => options.slice(i + 1).filter((b) => stops(a, b) && stops(b, a)));
    });
    expect(dilemmas.length).toBeGreaterThanOrEqual(3);
  });
  it('has loops that cost lines, and an act-now place with a late branch', () => {
    expect(findCycles(tree).cycles.some((cycle) => cycle.kind === 'costly')).toBe(true);
    const position = index.positions.get('single-leg-x')!;
    expect(position.tempo).toBe('actNow');
    expect(ownerOptions(index, position.id).some((transition) => transition.when?.timing?.includes('slx-late'))).toBe(true);
  });
  it('can be finished from every start, and from none for certain', () => {
    for (const start of findOdds(tree).starts) {
      expect(start.value).toBeGreaterThan(0.05);
      expect(start.value).toBeLessThan(0.95);
    }
  });
  it('has a class that fills its slot without being too long', () => {
    const plan = demoPlan();
    const { units, lost } = unitsOf(tree, plan.units);
    expect(lost).toEqual([]);
    expect(units.map(({ phase }) => phase)).toEqual(['parts', 'parts', 'cue', 'rounds']);
    const { totalMinutes } = classTimeOf(units, plan);
    expect(totalMinutes).toBeGreaterThan(45);
    expect(totalMinutes).toBeLessThanOrEqual(plan.slotMinutes);
  });
  it('is found by what is seen: the start of every guard by its own signs', () => {
    const places = tree.positions.map(placeOf);
    for (const start of tree.starts) {
      const { signs, position } = placeOf(index.positions.get(start.position)!);
      expect(signs.length, position.id).toBeGreaterThan(0);
      const [first] = findCandidates(places, { signs, stance: position.stance, distance: position.distance });
      expect(first!.share, position.id).toBe(1);
    }
  });
  it('shows what a filter takes: cloth, three rule cards, two schools, people', () => {
    expect(tree.ruleSets).toHaveLength(3);
    const hidden = (filter: Filter): number => findFilterDifference(tree, filter).hidden.length;
    for (const filter of [
      { context: 'noGi' as const },
      { ruleSet: 'saltmarsh-juniors', age: 11 },
      { school: 'loose' },
      { school: 'pressure' },
      { profiles: ['pia-holm'] },
    ])
      expect(hidden(filter), JSON.stringify(filter)).toBeGreaterThan(0);
    expect(findFilterDifference(tree, { ruleSet: 'saltmarsh-juniors', age: 11 }).goalsOutOfReach).not.toEqual([]);
  });
});

describe('the demo’s grips', () => {
  const held = tree.transitions.filter((transition) => transition.steps);
  it('add up in at least 25 moves; the only thing found is a place that says far where three ways arrive near', () => {
    expect(held.length).toBeGreaterThanOrEqual(25);
    const found = findGripFindings(tree);
    expect(new Set(found.map((item) => item.problem.kind))).toEqual(new Set(['arrivesWithout']));
    expect(found.map((item) => indexOf(tree).transitions.get(item.transition!)!.to)).toEqual(['side-low', 'side-low', 'side-low']);
  });
  it('have a chain of eight steps that begins below and ends on top', () => {
    const chain = held.find((transition) => transition.steps!.length === 8)!;
    expect(ownerRoleOf(tree, index.positions.get(chain.from)!)).toBe('below');
    expect(chain.steps!.map((step) => step.ownerRole ?? '').join()).toBe(',,,,top,,,');
  });
  it('shut options with few grips, and say which to break', () => {
    const transitions = ownerOptions(index, 'headquarters');
    const on = transitions.flatMap((transition) => (transition.blockedBy ?? []).flat());
    const shut = transitions.filter((transition) => blockingOf(transition, on).status === 'blocked');
    expect(shut.length).toBeGreaterThanOrEqual(2);
    expect(toBreakAlong(shut, on).length).toBeLessThan(on.length);
  });
});

describe('the people of the demo gym', () => {
  const day = '2026-11-27';
  it('are thirteen in two groups: a bad knee that only feeds, a newcomer, two juniors', () => {
    const athletes = demoAthletes(day);
    expect(athletes).toHaveLength(13);
    expect(new Set(athletes.map(({ id }) => id)).size).toBe(13);
    expect(
      [athletes.filter(feedsOnly), athletes.filter(isNewcomer), athletes.filter((item) => isMinor(item, ADULT))].map(
        ({ length }) => length,
      ),
    ).toEqual([1, 1, 2]);
    const ids = new Set(athletes.map(({ id }) => id));
    expect(demoGroups().map(({ members }) => members.every((id) => ids.has(id)))).toEqual([true, true]);
  });
  it('were taught for eight weeks, the same for the same day, nothing of it in the future', () => {
    const held = demoHeld(tree, day);
    expect(held).toHaveLength(16);
    expect(demoHeld(tree, day)).toEqual(held);
    expect(held.every(({ date, came, units }) => date < day && date > '2026-09-30' && came.length > 5 && units.length > 1)).toBe(true);
    expect(heldSchema.array().safeParse(held.map(({ tree: _tree, ...rest }) => rest)).success).toBe(true);
  });
});
