import { z } from 'zod';
import type { PlannedUnit } from '@/core/classes';
import { classPlanSchema } from '@/documents/class/schema';
import { courseRulesSchema, courseSchema } from '@/documents/course/schema';

/** The weeks ahead, as they are asked for. */
export const courseAskedSchema = courseRulesSchema.extend({
  /** Days on which there is to be a class. */
  dates: z.array(z.iso.date()).min(1).max(84),
  /** Evening by evening by the integer programme, for a minute more at the most. */
  polish: z.boolean().optional(),
});
export type CourseAsked = z.output<typeof courseAskedSchema>;

/** A course as it is written down. */
export const courseToStoreSchema = courseAskedSchema.omit({ polish: true }).extend({
  ...courseSchema.pick({ weekdays: true, weeks: true }).shape,
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
