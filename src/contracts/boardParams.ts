import { z } from 'zod';
import { idSchema } from '@/documents/tree/schema';

/** What the address of the board may say; anything else is ignored. */
export const boardParamsSchema = z.object({
  show: z.enum(['tree', 'guard', 'hub', 'route']).optional().catch(undefined),
  at: idSchema.optional().catch(undefined),
  /** A show or a move of the place, to be opened. */
  of: idSchema.optional().catch(undefined),
});

/** What the address of the grip desk may say: a move, or a place. */
export const gripsParamsSchema = z.object({
  at: idSchema.optional().catch(undefined),
  place: idSchema.optional().catch(undefined),
});
