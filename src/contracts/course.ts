import { z } from 'zod';
import type { PlannedUnit } from '@/core/classes';
import { classPlanSchema } from '@/documents/class/schema';
import { idSchema } from '@/documents/tree/schema';

const words = z.string().min(1).max(160);
/** What at least a fifth of all work minutes is to be of: a family of guards, a school, or the role from which it is done. */
export const balanceSchema = z.strictObject({ kind: z.enum(['family', 'school', 'role']), of: words, name: words });
export type BalanceAsked = z.output<typeof balanceSchema>;

/** The weeks ahead, as they are asked for. */
export const courseAskedSchema = z.strictObject({
  group: idSchema.optional(),
  /** Days on which there is to be a class. */
  dates: z.array(z.iso.date()).min(1).max(84),
  time: classPlanSchema.shape.time,
  slotMinutes: classPlanSchema.shape.slotMinutes,
  mostNew: z.number().int().min(0).max(20).nullable(),
  gapDays: z.number().int().min(0).max(60),
  balance: z.array(balanceSchema).max(5),
});
export type CourseAsked = z.output<typeof courseAskedSchema>;

/** A course as it is written down. */
export const courseToStoreSchema = courseAskedSchema.pick({ group: true, dates: true, time: true, slotMinutes: true }).extend({
  /** The first day that is planned anew. */
  from: z.iso.date(),
  classes: z
    .array(
      z.strictObject({
        date: z.iso.date(),
        about: z.string().max(160),
        people: classPlanSchema.shape.people,
        units: classPlanSchema.shape.units,
      }),
    )
    .max(84),
});
export type CourseToStore = z.output<typeof courseToStoreSchema>;

export interface CourseClassSent {
  readonly date: string;
  /** Name of the place that it is about; '' = several. */
  readonly about: string;
  readonly people: number;
  readonly minutes: number;
  readonly units: readonly PlannedUnit[];
}
export interface CourseAnswer {
  readonly classes: readonly CourseClassSent[];
  /** What it is worth, and what no course could be worth more than. */
  readonly said: string;
  /** What could not be met, a sentence each. */
  readonly notMet: readonly string[];
}
/** What comes while it is looked for, one line each, and last the answer. */
export type CourseLine = { readonly share: number } | { readonly answer: CourseAnswer } | { readonly problems: readonly string[] };
