import { z } from 'zod';
import { opponentSchema } from '../opponent/schema';
import { RANGES } from '@/core/tree';
import { wordsSchema } from '../tree/schema';

/** An athlete of the gym. Age, limits and absences never leave it. */
export const athleteSchema = opponentSchema.extend({
  age: z.number().int().min(3).max(110).optional(),
  kilos: z.number().min(RANGES.kilos.min).max(RANGES.kilos.max).optional(),
  level: z.string().min(1).max(160).optional(),
  limits: wordsSchema.optional(),
  withMinors: z.boolean().optional(),
  absences: z
    .array(
      z.strictObject({ from: z.iso.date(), to: z.iso.date() }).refine(({ from, to }) => from <= to, 'the last day comes before the first'),
    )
    .max(200)
    .optional(),
});
