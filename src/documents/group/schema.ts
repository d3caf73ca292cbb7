import { z } from 'zod';
import { idSchema, nameSchema } from '../tree/schema';

/** Athletes who train together, by id. */
export const groupSchema = z.strictObject({ id: idSchema, name: nameSchema, members: z.array(idSchema).max(500) });
