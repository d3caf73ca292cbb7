import { z } from 'zod';
import { filterSchema } from '@/contracts/filter';
import { UNIT_KINDS, unitKey, type PlannedUnit } from '@/core/classes';
import type { GymSettings } from '@/core/people';
import type { Filter } from '@/core/lens';
import { RANGES } from '@/core/tree';
import { idSchema, nameSchema } from '../tree/schema';
import { timeSchema, within } from '../within';

const keySchema = z.string().min(1).max(12_000);
const percent = z.number().int().min(0).max(100);

/** A unit as the coach planned it; what it is made of is derived from the tree (core/classes). */
export const plannedUnitSchema = z.strictObject({
  kind: z.enum(UNIT_KINDS),
  of: z.array(idSchema).min(1).max(64),
  mirrored: z.literal(true).optional(),
  demonstration: within(RANGES.demonstrationMinutes).optional(),
  work: within(RANGES.workMinutes).optional(),
  sides: z.union([z.literal(1), z.literal(2)]).optional(),
  resistance: z
    .tuple([percent, percent])
    .refine(([low, high]) => low <= high, 'the least resistance is more than the most')
    .optional(),
  needs: z.array(keySchema).max(24).optional(),
  backward: z.boolean().optional(),
});

const idsSchema = z.array(idSchema).max(500);
/** What the coach chose for one class of a tree. */
export const classPlanSchema = z.strictObject({
  slotMinutes: within(RANGES.slotMinutes).int(),
  people: within(RANGES.people).int(),
  bothSides: z.boolean(),
  warmUpMinutes: within(RANGES.warmUpMinutes),
  debriefMinutes: within(RANGES.debriefMinutes),
  changeOverMinutes: within(RANGES.changeOverMinutes),
  swapMinutes: within(RANGES.changeOverMinutes).optional(),
  /** The most resistance for these people, in percent; absent = any. */
  cap: percent.optional(),
  /** Mats for rounds; absent = enough for all. */
  mats: z.number().int().min(1).max(100).optional(),
  winnerStays: z.boolean().optional(),
  /** In the order of the class. */
  units: z.array(plannedUnitSchema).max(60),
  date: z.iso.date().optional(),
  time: timeSchema.optional(),
  /** Planned with a course and not changed by hand since: may be planned again. */
  fromCourse: z.boolean().optional(),
  /** Who trains: a group of the gym, less those who stay away, and whoever comes besides. */
  group: idSchema.optional(),
  away: idsSchema.optional(),
  guests: idsSchema.optional(),
  /** Who works with whom, unit by unit, once the coach has changed it by hand; absent = as it is computed. */
  pairs: z
    .array(z.array(z.array(idSchema).min(2).max(3)).max(250))
    .max(60)
    .optional(),
  /** Decides which of equal pairings are taken. */
  pairSeed: z.number().int().min(0).max(2_147_483_647).optional(),
  /** For whom and under which rules the class is. */
  filter: filterSchema.optional(),
});
export type ClassPlan = Omit<z.output<typeof classPlanSchema>, 'filter' | 'units'> & {
  readonly units: readonly PlannedUnit[];
  readonly filter?: Filter | undefined;
};

export const emptyClassPlan: ClassPlan = {
  slotMinutes: 60,
  people: 12,
  bothSides: true,
  warmUpMinutes: 6,
  debriefMinutes: 4,
  changeOverMinutes: 0,
  units: [],
};

/** A class that is made anew, as the gym has its minutes. */
export const newClassPlan = ({ changeOverMinutes, swapMinutes }: Partial<GymSettings> = {}): ClassPlan => ({
  ...emptyClassPlan,
  ...(changeOverMinutes === undefined ? {} : { changeOverMinutes }),
  ...(swapMinutes === undefined ? {} : { swapMinutes }),
});

/** A class as the gym keeps it: what was chosen, for which tree, under a name of its own. */
export const classSchema = classPlanSchema.extend({ id: idSchema, name: nameSchema, tree: idSchema });
export type ClassDocument = ClassPlan & { readonly id: string; readonly name: string; readonly tree: string };

/** Two planned units that are the same one: a sentence for each. */
export function repeatedUnits(units: readonly PlannedUnit[]): string[] {
  const keys = units.map(unitKey);
  return units.flatMap(({ kind, of }, i) =>
    keys.indexOf(keys[i]!) < i ? [`The class has the unit “${kind} ${of.join(', ')}” twice.`] : [],
  );
}
