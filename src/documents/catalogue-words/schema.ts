import { z } from 'zod';
import { SIGNS, WORDS_ID, type GymEntry, type Sign } from '@/core/catalogue';
import { containsMarkup } from '@/core/tree';
import { idSchema, positionSchema, transitionSchema } from '../tree/schema';

const plain = (text: string): boolean => !containsMarkup(text);
const PLAIN = 'only plain text, no markup';
const name = z.string().max(160).regex(/\S/, 'a name needs at least one visible character').refine(plain, PLAIN);
const text = z.string().max(4000).refine(plain, PLAIN);
const sign = z.enum(SIGNS as [Sign, ...Sign[]]);

const positionChange = z.strictObject({
  name: name.optional(),
  moreAliases: z.array(name).max(64).optional(),
  tempoReason: text.optional(),
  windowCloses: text.optional(),
  legRelation: text.optional(),
  hazards: z.array(text).max(64).optional(),
  feeder: text.optional(),
  values: z.record(idSchema, z.strictObject({ name: name.optional(), cue: text.optional() })).optional(),
});
const mistake = z.strictObject({ error: text, consequence: text.optional(), correction: text.optional() });
const transitionChange = z.strictObject({
  name: name.optional(),
  mistakes: z.array(mistake).max(64).optional(),
  hazards: z.array(text).max(64).optional(),
  feeder: text.optional(),
});

const rowSchemas = {
  changedPosition: z.strictObject({ kind: z.literal('changedPosition'), id: idSchema, change: positionChange }),
  changedTransition: z.strictObject({ kind: z.literal('changedTransition'), id: idSchema, change: transitionChange }),
  position: z.strictObject({
    kind: z.literal('position'),
    id: idSchema,
    position: positionSchema.required({ stance: true, distance: true, legRelation: true }),
    signs: z.array(sign).max(64),
    feeder: text,
  }),
  transition: z.strictObject({ kind: z.literal('transition'), id: idSchema, transition: transitionSchema, feeder: text }),
};
/** What a gym says of one catalogue entry, or an entry of its own: a list of rows for each. */
export const entrySchemas: Record<GymEntry['kind'], z.ZodType> = rowSchemas;
export const wordsBodySchema = z.strictObject({ id: z.literal(WORDS_ID), name });
