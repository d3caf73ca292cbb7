import { z } from 'zod';
import type { CarriedClass } from '@/core/tree';
import { idSchema, nameSchema } from '../tree/schema';
import { classPlanSchema, repeatedUnits, type ClassDocument } from './schema';

/** What a tree file says of a class: its clock and its units. Days, people and for whom it was stay in the gym. */
export const carriedClassSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  ...classPlanSchema.omit({
    ...{ date: true, time: true, fromCourse: true },
    ...{ group: true, away: true, guests: true, pairs: true, pairSeed: true, filter: true },
  }).shape,
  units: classPlanSchema.shape.units.refine((units) => repeatedUnits(units).length === 0, 'a unit stands twice in the class'),
});

/** A class as a tree file carries it. */
export function carriedClass(plan: ClassDocument): CarriedClass {
  const fields = Object.keys(carriedClassSchema.shape);
  const given = plan as unknown as Record<string, unknown>;
  return Object.fromEntries(fields.flatMap((field) => (given[field] === undefined ? [] : [[field, given[field]]]))) as CarriedClass;
}
