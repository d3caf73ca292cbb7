import { emptyClassPlan, type ClassPlan } from '@/documents/class/schema';
import { type PlannedUnit } from '@/core/classes';

const move = (id: string): PlannedUnit => ({ kind: 'move', of: [id], work: 1.5 });

/** The next class at Saltmarsh Hall: one place, one cue, two of its answers, then choosing between them, then rounds. */
export const demoPlan = (): ClassPlan => ({
  ...emptyClassPlan,
  people: 13,
  group: 'evening',
  units: [
    move('body-lock-i-step-over-to-the-flat-side'),
    move('body-lock-i-switch-the-hips-to-the-other-side'),
    { kind: 'read', of: ['body-lock', 'flat', 'turned-in'] },
    { kind: 'round', of: ['body-lock'], work: 3 },
  ],
});
