import { z } from 'zod';
import { SETTINGS_ID } from '@/core/people';
import { RANGES, type Range } from '@/core/tree';
import { nameSchema } from '../tree/schema';

const within = ({ min, max }: Range) => z.number().min(min).max(max);

/** What the gym has settled for all its classes. */
export const settingsSchema = z.strictObject({
  id: z.literal(SETTINGS_ID),
  name: nameSchema,
  adultAge: within(RANGES.age).int().optional(),
  halfLifeDays: within(RANGES.halfLifeDays).optional(),
  growth: within(RANGES.growth).optional(),
  changeOverMinutes: within(RANGES.changeOverMinutes).optional(),
  swapMinutes: within(RANGES.changeOverMinutes).optional(),
});
