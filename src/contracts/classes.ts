import { z } from 'zod';
import { UNIT_KINDS, WENT, type PlannedUnit, type UnitSpec, type Went } from '@/core/classes';
import { RANGES } from '@/core/tree';
import { classPlanSchema, plannedUnitSchema, type ClassPlan } from '@/documents/class/schema';
import { idSchema, nameSchema } from '@/documents/tree/schema';

const specSchema = z.strictObject({ kind: z.enum(UNIT_KINDS), of: z.array(idSchema).min(1).max(64), mirrored: z.literal(true).optional() });

/** A class that was held, as its window sends it: an id of its own, so that sending it twice writes it once. */
export const heldSchema = z.strictObject({
  id: z.uuid(),
  class: idSchema.nullable(),
  name: nameSchema,
  date: z.iso.date(),
  came: z.array(idSchema).max(500),
  people: z.number().int().min(0).max(RANGES.people.max),
  units: z
    .array(z.strictObject({ unit: specSchema, moves: z.array(idSchema).max(64), went: z.enum(WENT as unknown as [Went, ...Went[]]) }))
    .max(60),
  pairs: z
    .array(z.array(z.array(idSchema).min(2).max(3)).max(250))
    .max(60)
    .optional(),
  mistakes: z.array(z.strictObject({ transition: idSchema, error: z.string().min(1).max(400), athlete: idSchema.optional() })).max(200),
});

/** What a proposal is asked for. */
export const proposalAskedSchema = z.strictObject({
  plan: classPlanSchema,
  /** A guard or a hub by its id, or a school by name. */
  theme: z.union([z.strictObject({ place: idSchema }), z.strictObject({ school: z.string().min(1).max(160) })]).nullable(),
  musts: z.array(plannedUnitSchema).max(20),
  mustNots: z.array(specSchema).max(200),
  mostNew: z.number().int().min(0).max(20).nullable(),
  /** Days before a unit may come again; 0 = at once. */
  gapDays: z.number().int().min(0).max(60).optional(),
  /** The best class alone, without another one beside it. */
  one: z.boolean().optional(),
});
export type ProposalAsked = Omit<z.output<typeof proposalAskedSchema>, 'plan' | 'musts' | 'mustNots'> & {
  readonly plan: ClassPlan;
  readonly musts: readonly PlannedUnit[];
  readonly mustNots: readonly UnitSpec[];
};

/** Why a unit is in, or is not, as it is sent. */
export interface ProposedUnit {
  readonly unit: PlannedUnit;
  readonly minutes: number;
  readonly reasons: readonly string[];
}
export interface ProposalSent {
  /** Name of the place that it is about; '' = several. */
  readonly about: string;
  readonly units: readonly ProposedUnit[];
  readonly minutes: number;
  /** "4.3 in 100 rounds" */
  readonly worth: string;
  /** How sure it is that there is no better one. */
  readonly sure: string;
  readonly leftOut: readonly { readonly name: string; readonly why: string }[];
  /** What could not be met, a sentence each. */
  readonly notMet: readonly string[];
}
export interface ProposalsAnswer {
  /** None = no class can be made; then `notMet` says why. */
  readonly proposals: readonly ProposalSent[];
  readonly notMet: readonly string[];
}
