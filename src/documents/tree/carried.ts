import { z } from 'zod';
import { FAMILIES, VALUE_KINDS } from '@/core/tree';
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
const habitsSchema = z
  .array(
    z.union(
      [
        z.strictObject({ position: idSchema, value: idSchema, share: chanceSchema }),
        z.strictObject({ family: z.enum(FAMILIES), kind: z.enum(VALUE_KINDS), share: chanceSchema }),
      ],
      'a habit names a position, a value and a share, or a family, a kind of value and a share',
    ),
  )
  .max(2000);
/** What is said of an opponent in one tree, besides what is off and on. */
export const opponentsGame = {
  habits: habitsSchema.optional(),
  guards: z.array(idSchema).max(500).optional(),
  strongAgainst: wordsSchema.optional(),
  knows: wordsSchema.optional(),
  varied: z.array(idSchema).max(500).optional(),
  knowsGame: z.boolean().optional(),
};
export const carriedOpponentSchema = carriedAthleteSchema.extend(opponentsGame);
