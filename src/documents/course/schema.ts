import { z } from 'zod';
import { RANGES } from '@/core/tree';
import { idSchema, nameSchema } from '../tree/schema';
import { timeSchema, within } from '../within';

const words = z.string().min(1).max(160);
/** What at least a fifth of all work minutes is to be of: a family of guards, a school, a role, the other side. */
export const balanceSchema = z.strictObject({ kind: z.enum(['family', 'school', 'role', 'side']), of: words, name: words });
export type BalanceAsked = z.output<typeof balanceSchema>;

/** A move that is to come again by a day. */
const dueSchema = z.strictObject({ move: idSchema, by: z.iso.date() });

/** What holds for every class of a course. */
export const courseRulesSchema = z.strictObject({
  group: idSchema.optional(),
  time: timeSchema.optional(),
  slotMinutes: within(RANGES.slotMinutes).int(),
  mostNew: z.number().int().min(0).max(20).nullable(),
  gapDays: z.number().int().min(0).max(60),
  balance: z.array(balanceSchema).max(5).optional(),
  due: z.array(dueSchema).max(24).optional(),
});

/** How the weeks ahead of a group were planned last, so that they are planned again the same way. */
export const courseSchema = courseRulesSchema.extend({
  id: idSchema,
  name: nameSchema,
  tree: idSchema,
  /** 0 = Monday … 6 = Sunday. */
  weekdays: z.array(z.number().int().min(0).max(6)).min(1).max(7),
  weeks: z.number().int().min(1).max(12),
});
export type CourseDocument = z.output<typeof courseSchema>;
