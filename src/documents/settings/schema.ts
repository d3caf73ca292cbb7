import { z } from 'zod';
import { SETTINGS_ID } from '@/core/people';
import { RANGES } from '@/core/tree';
import { nameSchema } from '../tree/schema';
import { within } from '../within';

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
