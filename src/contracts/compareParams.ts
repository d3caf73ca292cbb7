import { z } from 'zod';
import { idSchema } from '@/documents/tree/schema';

const school = z.string().min(1).max(160).optional().catch(undefined);

/** What the address of the comparison may say; anything else is ignored. */
export const compareParamsSchema = z.object({ with: idSchema.optional().catch(undefined), school, against: school });
