import { emptyClassPlan, type ClassPlan } from '@/documents/class/schema';
import { findBranches } from '@/core/drills';
import type { TreeDocument } from '@/core/tree';

const THE_CUE = ['body-lock-i-step-over-to-the-flat-side', 'body-lock-i-switch-the-hips-to-the-other-side', 'body-lock-i-climb-to-the-back-as-he-turns']; // prettier-ignore

/** The next class at Saltmarsh Hall: one place, one cue, its three answers, for a dozen people. */
export const demoPlan = (tree: TreeDocument): ClassPlan => ({
  ...emptyClassPlan,
  slotMinutes: 90,
  branches: findBranches(tree).flatMap(({ branch }) => (THE_CUE.includes(branch[0]!) ? [[...branch]] : [])),
});
