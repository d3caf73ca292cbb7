import { z } from 'zod';
import type { Range } from '@/core/tree';

/** A number in the range that its field shows. */
export const within = ({ min, max }: Range) => z.number().min(min).max(max);
/** A time of day, as a clock shows it. */
export const timeSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time like 18:30');
