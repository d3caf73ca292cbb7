import { z } from 'zod';
import { idSchema } from './treeDocument';

/** What the address of the board may say; anything else is ignored. */
export const boardParamsSchema = z.object({
  show: z.enum(['tree', 'guard', 'hub', 'route']).optional().catch(undefined),
  at: idSchema.optional().catch(undefined),
});
