import { z } from 'zod';
import { filterSchema } from '@/contracts/filter';
import type { Filter } from '@/core/lens';
import { RANGES, type Range } from '@/core/tree';
import { idSchema, nameSchema } from '../tree/schema';

const within = ({ min, max }: Range) => z.number().min(min).max(max);

/** What the coach chose for one class of a tree; the units are derived from it (core/drills). */
export const classPlanSchema = z.strictObject({
  slotMinutes: within(RANGES.slotMinutes).int(),
  people: within(RANGES.people).int(),
  bothSides: z.boolean(),
  warmUpMinutes: within(RANGES.warmUpMinutes),
  debriefMinutes: within(RANGES.debriefMinutes),
  changeOverMinutes: within(RANGES.changeOverMinutes),
  /** Each branch is a path of transition ids. */
  branches: z.array(z.array(idSchema).min(1).max(64)).max(24),
  /** Units left out, by unit key. */
  dropped: z.array(z.string().min(1).max(400)).max(200),
  /** Work minutes per partner and side, by unit key, where the coach changed them. */
  workMinutes: z.record(z.string().min(1).max(400), within(RANGES.workMinutes)),
  /** For whom and under which rules the class is. */
  filter: filterSchema.optional(),
});
export type ClassPlan = Omit<z.output<typeof classPlanSchema>, 'filter'> & { readonly filter?: Filter | undefined };

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

/** A class as the gym keeps it: what was chosen, for which tree, under a name of its own. */
export const classSchema = classPlanSchema.extend({ id: idSchema, name: nameSchema, tree: idSchema });
export type ClassDocument = ClassPlan & { readonly id: string; readonly name: string; readonly tree: string };
