import { describe, expect, it } from 'vitest';
import { parseRule, sayRule } from '../contacts';
import { mirrorSteps, swapStep } from '../lens';
import type { ContactRule } from '../tree';
import { findBrokenRules } from './account';
import { findGripFight, swapsUntil } from './swaps';
import { held } from '../../../tests/support/held';

const steps = [
  'left hand far wrist',
  'left hand far wrist outside',
  'his right hand near forearm outside, left hand far wrist inside',
  'his right hand near forearm outside, left hand far wrist outside',
  'left hand far wrist outside, right hand mat',
].map((line) => ({ contacts: held(line) }));
const rule = (typed: string): ContactRule => {
  const parsed = parseRule(typed, steps.length);
  if (!parsed.ok) throw new Error(parsed.error.join(' '));
  return parsed.value;
};

describe('the outside hand in a grip fight', () => {
  it('changes when the other has the outside alone; nobody or both change nothing', () => {
    expect(findGripFight(steps)).toEqual({
      first: 'owner',
      swaps: [
        { step: 3, outside: 'opponent' },
        { step: 5, outside: 'owner' },
      ],
    });
    expect(swapsUntil(steps)).toEqual([0, 0, 1, 1, 2]);
    expect(findGripFight([{ contacts: held('head chest outside') }])).toEqual({ first: null, swaps: [] });
  });
  it('is the other’s when the athletes are exchanged, and stays when the sides are', () => {
    expect(findGripFight(steps.map(swapStep))).toMatchObject({ first: 'opponent', swaps: [{ outside: 'owner' }, { outside: 'opponent' }] });
    expect(findGripFight(mirrorSteps(steps))).toEqual(findGripFight(steps));
  });
  it('a rule may count only after an odd or an even number of changes', () => {
    const broken = (typed: string): number[] => findBrokenRules(steps, [rule(typed)]).flatMap((item) => [...item.steps]);
    expect(broken('always: left hand far wrist outside')).toEqual([1, 3]);
    expect(broken('always: left hand far wrist outside, after an even number of changes')).toEqual([1]);
    expect(broken('always: left hand far wrist outside, after an odd number of changes')).toEqual([3]);
    expect(broken('never right hand mat, after an odd number of changes')).toEqual([]);
    expect(broken('never right hand mat, after an even number of changes')).toEqual([5]);
  });
  it('is read back as it is said', () => {
    for (const typed of [
      'never right hand mat, after an odd number of changes',
      'from step 1 to 3: left hand far wrist outside, after an even number of changes',
    ])
      expect(sayRule(rule(typed))).toBe(typed);
    expect(rule('left hand far wrist before right hand mat after an odd number of changes')).toMatchObject({
      kind: 'before',
      afterSwaps: 'odd',
    });
  });
});
