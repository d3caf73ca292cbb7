import { z } from 'zod';
import { opponentsGame } from '../tree/carried';
import { idSchema, nameSchema, wordsSchema } from '../tree/schema';

/** What one tree is told of a person; off, on and habits name the tree they speak of. */
const gameSchema = z.strictObject({
  tree: idSchema,
  off: wordsSchema.optional(),
  on: wordsSchema.optional(),
  ...opponentsGame,
});
export const opponentSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  physique: wordsSchema.optional(),
  betterSide: z.enum(['left', 'right']).optional(),
  games: z.array(gameSchema).max(500).optional(),
});
