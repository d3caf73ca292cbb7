import { z } from 'zod';
import { idSchema } from '@/documents/tree/schema';

const chance = z.coerce.number().min(0).max(1).optional().catch(undefined);
const questionParams = {
  seconds: z.coerce.number().int().min(1).max(3600).optional().catch(undefined),
  read: chance,
  /** Given = he knows the game. */
  freely: chance,
};

/** What the address of the board may say; anything else is ignored. */
export const boardParamsSchema = z.object({
  show: z.enum(['tree', 'guard', 'hub', 'route']).optional().catch(undefined),
  at: idSchema.optional().catch(undefined),
  /** A show or a move of the place, to be opened. */
  of: idSchema.optional().catch(undefined),
  /** A told round, to be walked: its seed, and the question that it answers. */
  round: z.coerce.number().int().min(0).max(2_147_483_647).optional().catch(undefined),
  ...questionParams,
});

/** What the address of the grip desk may say: a move, or a place. */
export const gripsParamsSchema = z.object({
  at: idSchema.optional().catch(undefined),
  place: idSchema.optional().catch(undefined),
});
