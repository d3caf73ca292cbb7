import { z } from 'zod';
import { filterSchema } from './filter';
import { idSchema } from './treeDocument';

/** What the coach chose for one class of a tree; the units are derived from it (core/drills). */
export const classPlanSchema = z.strictObject({
  slotMinutes: z.number().int().min(5).max(240),
  people: z.number().int().min(2).max(200),
  bothSides: z.boolean(),
  warmUpMinutes: z.number().min(0).max(60),
  debriefMinutes: z.number().min(0).max(60),
  changeOverMinutes: z.number().min(0).max(10),
  /** Each branch is a path of transition ids. */
  branches: z.array(z.array(idSchema).min(1).max(64)).max(24),
  /** Units left out, by unit key. */
  dropped: z.array(z.string().min(1).max(400)).max(200),
  /** Work minutes per partner and side, by unit key, where the coach changed them. */
  workMinutes: z.record(z.string().min(1).max(400), z.number().min(0.5).max(60)),
  /** For whom and under which rules the class is. */
  filter: filterSchema.optional(),
});
export type ClassPlan = z.output<typeof classPlanSchema>;

export const emptyClassPlan: ClassPlan = {
  slotMinutes: 60,
  people: 12,
  bothSides: true,
  warmUpMinutes: 6,
  debriefMinutes: 4,
  changeOverMinutes: 0,
  branches: [],
  dropped: [],
  workMinutes: {},
};

export const savePlanSchema = z.strictObject({ plan: classPlanSchema, baseRevision: z.number().int().min(0) });
