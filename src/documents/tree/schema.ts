import { z } from 'zod';
import { PICTURE_HASH, PICTURES_A_PLACE } from '@/contracts/picture';
import {
  ACTORS,
  CONTACT_JOBS,
  CONTEXTS,
  DISTANCES,
  ENDINGS,
  FAMILIES,
  LINES,
  NAME_LENGTH,
  OWNER_ROLES,
  PARITIES,
  OWNERS,
  RANGES,
  READ_KINDS,
  SIDES,
  STANCES,
  SURFACES,
  TEMPOS,
  TRANSITION_KINDS,
  VALUE_KINDS,
  type Position,
  type Transition,
  type TreeHeader,
} from '@/core/tree';

/** Form of the tree document (MODEL §1, §3). Meaning is checked by `checkTree` in the core. */
export const idSchema = z
  .string()
  .min(1)
  .max(120)
  .regex(/^\S(.*\S)?$/, 'an id neither begins nor ends with a space')
  .refine((id) => id !== '__proto__', 'this id is reserved');
export const nameSchema = z.string().max(NAME_LENGTH).regex(/\S/, 'a name needs at least one visible character');
export const textSchema = z.string().max(4000);
const text = textSchema;
const word = z.string().min(1).max(160);
export const wordsSchema = z.array(word).max(200);
const words = wordsSchema;
export const chanceSchema = z.number().min(0).max(1);
const chance = chanceSchema;
const seconds = z.number().min(RANGES.seconds.min).max(RANGES.seconds.max);

const target = z.strictObject({
  athlete: z.enum([...ACTORS, 'mat']),
  part: word.optional(),
  side: z.enum(SIDES).optional(),
  spot: word.optional(),
  surface: z.enum(SURFACES).optional(),
});
const contact = z.strictObject({
  athlete: z.enum(ACTORS),
  part: word,
  target,
  orElse: z.array(target).min(1).max(8).optional(),
  at: word.optional(),
  job: z.enum(CONTACT_JOBS).optional(),
  quality: word.optional(),
  bundle: word.optional(),
  substitute: target.optional(),
});
const contacts = z.array(contact).max(64);
const stepNumber = z.number().int().min(1).max(200);
const afterSwaps = z.enum(PARITIES).optional();
const contactRule = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('hold'),
    name: nameSchema.optional(),
    fromStep: stepNumber,
    toStep: stepNumber,
    contacts,
    atLeast: z.number().int().min(1).max(64).optional(),
    afterSwaps,
  }),
  z.strictObject({
    kind: z.enum(['before', 'together', 'never']),
    name: nameSchema.optional(),
    first: contact,
    then: contact.optional(),
    whenValues: z.array(idSchema).max(64).optional(),
    letsIn: idSchema.optional(),
    afterSwaps,
  }),
]);

const pictures = z
  .array(
    z.strictObject({
      hash: z.string().regex(PICTURE_HASH),
      caption: nameSchema,
      quarterTurns: z.number().int().min(1).max(3).optional(),
      mirrored: z.literal(true).optional(),
    }),
  )
  .max(PICTURES_A_PLACE)
  .optional();

const value = z.strictObject({
  id: idSchema,
  name: nameSchema,
  cue: text.optional(),
  share: chance.optional(),
  kind: z.enum(VALUE_KINDS),
  unsure: z.boolean().optional(),
});
const read = z.strictObject({
  id: idSchema,
  name: nameSchema,
  kind: z.enum(READ_KINDS),
  closed: z.boolean().optional(),
  complete: z.boolean().optional(),
  values: z.array(value).max(64),
});
const lines = z.array(z.enum(LINES)).max(LINES.length);

export const positionSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  aliases: words.optional(),
  family: z.enum(FAMILIES),
  lines,
  tempo: z.enum(TEMPOS),
  tempoReason: text.optional(),
  windowCloses: text.optional(),
  tempoByContext: z
    .array(z.strictObject({ context: z.enum(CONTEXTS), tempo: z.enum(TEMPOS) }))
    .max(3)
    .optional(),
  legRelation: word.optional(),
  signs: words.optional(),
  stance: z.enum(STANCES).optional(),
  distance: z.enum(DISTANCES).optional(),
  holds: contacts.optional(),
  theirHolds: contacts.optional(),
  ownerRole: z.enum(OWNER_ROLES).optional(),
  heSeesItFirst: z.boolean().optional(),
  readSkill: chance.optional(),
  ends: z.enum(ENDINGS).optional(),
  unfinished: z.boolean().optional(),
  bySchool: z
    .array(
      z.strictObject({ school: word, lines: lines.optional(), ends: z.enum([...ENDINGS, 'goesOn']).optional(), reason: text.optional() }),
    )
    .max(32)
    .optional(),
  continuesIn: z.strictObject({ tree: idSchema, position: idSchema }).optional(),
  reads: z.array(read).max(16),
  wordingUnsure: z.boolean().optional(),
  reason: text.optional(),
  checkpoints: z.array(text).max(64).optional(),
  waysInAll: z.number().int().min(RANGES.waysInAll.min).max(RANGES.waysInAll.max).optional(),
  pictures,
  notes: text.optional(),
  hazards: words.optional(),
  source: text.optional(),
  fromCatalogue: idSchema.optional(),
});

export const transitionSchema = z.strictObject({
  id: idSchema,
  from: idSchema,
  to: idSchema,
  actor: z.enum(ACTORS),
  name: nameSchema,
  kind: z.enum(TRANSITION_KINDS),
  tags: words.optional(),
  when: z.record(idSchema, z.array(idSchema).max(64)).optional(),
  stoppedBy: z.array(idSchema).max(64).optional(),
  priority: z.number().int().min(RANGES.priority.min).max(RANGES.priority.max).optional(),
  works: chance.optional(),
  offCue: chance.optional(),
  stopped: chance.optional(),
  onFail: idSchema.optional(),
  outcomes: z
    .array(z.strictObject({ ifShown: z.array(idSchema).min(1).max(64), to: idSchema }))
    .max(16)
    .optional(),
  seconds: seconds.optional(),
  needs: words.optional(),
  makes: words.optional(),
  undoes: words.optional(),
  blockedBy: z.array(contacts).max(32).optional(),
  enabledBy: z.array(contacts).max(32).optional(),
  preventedBy: words.optional(),
  midway: z
    .array(
      z.strictObject({
        afterStep: stepNumber.optional(),
        reaction: nameSchema,
        answer: nameSchema.optional(),
        leadsTo: idSchema.optional(),
      }),
    )
    .max(32)
    .optional(),
  steps: z
    .array(z.strictObject({ note: text.optional(), contacts, ownerRole: z.enum(OWNER_ROLES).optional(), pictures }))
    .max(200)
    .optional(),
  contactRules: z.array(contactRule).max(64).optional(),
  fits: z.strictObject({ legRelations: words.optional(), stances: z.array(z.enum(STANCES)).max(16).optional() }).optional(),
  provokes: z.array(idSchema).max(64).optional(),
  reason: text.optional(),
  parameters: z
    .array(
      z.strictObject({
        name: nameSchema,
        values: words,
        never: z
          .array(z.strictObject({ value: word, leadsTo: idSchema.optional() }))
          .max(64)
          .optional(),
      }),
    )
    .max(32)
    .optional(),
  checkpoints: z.array(text).max(64).optional(),
  mistakes: z
    .array(z.strictObject({ error: text, consequence: text.optional(), correction: text.optional() }))
    .max(64)
    .optional(),
  hazards: words.optional(),
  schools: words.optional(),
  contexts: z.array(z.enum(CONTEXTS)).max(3).optional(),
  announced: z.boolean().optional(),
  unsure: z.boolean().optional(),
  notes: text.optional(),
  source: text.optional(),
  fromCatalogue: idSchema.optional(),
});

export const ruleSetSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  contexts: z.array(z.enum(CONTEXTS)).max(3),
  levels: words.optional(),
  forbidden: z
    .array(z.strictObject({ tag: word, underAge: z.number().int().min(1).max(120).optional(), belowLevel: word.optional() }))
    .max(200),
  points: z
    .array(z.strictObject({ for: z.enum([...new Set([...ENDINGS, ...TRANSITION_KINDS])]), points: z.number().min(-1000).max(1000) }))
    .max(64),
  source: text.optional(),
  date: z.iso.date().optional(),
});

const ids = z.array(idSchema).max(500);
export const headerSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  owner: z.enum(OWNERS),
  contexts: z.array(z.enum(CONTEXTS)).max(3),
  schools: words,
  starts: z.array(z.strictObject({ position: idSchema, facts: words.optional() })).max(500),
  ruleCards: ids.optional(),
  athletes: ids.optional(),
  opponents: ids.optional(),
  dismissals: z
    .array(z.strictObject({ finding: z.string().min(1).max(20_000), reason: nameSchema }))
    .max(5000)
    .optional(),
  defaults: z
    .strictObject({ works: chance.optional(), offCue: chance.optional(), stopped: chance.optional(), seconds: seconds.optional() })
    .optional(),
  notes: text.optional(),
});

export const MAX_POSITIONS = 5000;
export const MAX_TRANSITIONS = 20_000;

/** The contract and the core's types describe the same thing; either drifting away fails the type check. */
type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : never) : never;
type Mutable<T> = T extends object ? { -readonly [K in keyof T]: Mutable<T[K]> } : T;
const _contractsMatchCore: [
  Same<z.output<typeof positionSchema>, Mutable<Position>>,
  Same<z.output<typeof transitionSchema>, Mutable<Transition>>,
  Same<z.output<typeof headerSchema>, Mutable<TreeHeader>>,
] = [true, true, true];
