import { emptyClassPlan, type ClassPlan } from '@/documents/class/schema';
import { inOrder, unitsOf, type UnitSpec } from '@/core/classes';
import type { TreeDocument } from '@/core/tree';

const move = (id: string): UnitSpec => ({ kind: 'move', of: [id] });
const FLAT = 'body-lock-i-step-over-to-the-flat-side';
const SWITCH = 'body-lock-i-switch-the-hips-to-the-other-side';

/** The next class at Saltmarsh Hall: one place, one cue, two of its answers, then choosing between them, then rounds. */
export const demoPlan = (tree: TreeDocument): ClassPlan => {
  const units: UnitSpec[] = [
    move(FLAT),
    move(SWITCH),
    { kind: 'read', of: ['body-lock', 'flat', 'turned-in'] },
    { kind: 'round', of: ['body-lock'] },
  ];
  return { ...emptyClassPlan, units: inOrder(unitsOf(tree, units).units).map(({ spec }) => spec) };
};
