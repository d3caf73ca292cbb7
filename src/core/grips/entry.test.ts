import { describe, expect, it } from 'vitest';
import type { Step } from '../tree';
import { findDoubleBookings, findHandOvers } from './account';
import { sayContact } from '../contacts';
import { withNewStep, withoutStep, withTyped } from './entry';

const typed = (steps: readonly Step[], step: number, text: string): Step[] => {
  const next = withTyped(steps, step, text);
  if (!next.ok) throw new Error(next.error.join(' '));
  return next.value;
};
const said = (steps: readonly Step[]): string[] => steps.map((step) => step.contacts.map(sayContact).join(', '));

describe('typing a chain of steps', () => {
  it('copies forward, so that only what changes is typed', () => {
    let steps = typed(withNewStep([], 0), 1, 'left hand far ankle, right hand far knee inside');
    steps = typed(withNewStep(steps, 1), 2, 'left hand far hip');
    steps = typed(withNewStep(steps, 2), 3, 'right hand free, head chest');
    expect(said(steps)).toEqual([
      'left hand far ankle, right hand far knee inside',
      'right hand far knee inside, left hand far hip',
      'left hand far hip, head chest',
    ]);
    expect(findHandOvers(steps).map((item) => item.kind)).toEqual(['trade', 'released', 'taken']);
    expect(said(withoutStep(steps, 2))).toHaveLength(2);
  });
  it('“also” books a limb twice, for the account to find', () => {
    const steps = typed([{ contacts: [] }], 1, 'left hand far ankle, left hand also far knee');
    expect(findDoubleBookings(steps)).toHaveLength(1);
  });
  it('what is not understood changes nothing, and is told', () => {
    const steps = [{ contacts: [] }];
    const next = withTyped(steps, 1, 'left hand far ankle, wing free');
    expect(next).toEqual({ ok: false, error: [expect.stringContaining('“wing”')] });
    expect(steps).toEqual([{ contacts: [] }]);
  });
});
