import { z } from 'zod';
import { chanceSchema, idSchema, nameSchema, wordsSchema } from './schema';

/** What a tree file says of an athlete: nothing that is nobody else's business. */
export const carriedAthleteSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  off: wordsSchema.optional(),
  on: wordsSchema.optional(),
  physique: wordsSchema.optional(),
  betterSide: z.enum(['left', 'right']).optional(),
});
export const habitsSchema = z.array(z.strictObject({ position: idSchema, value: idSchema, share: chanceSchema })).max(2000);
export const carriedOpponentSchema = carriedAthleteSchema.extend({ habits: habitsSchema.optional() });
