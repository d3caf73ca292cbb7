import { z } from 'zod';
import type { Diff, TreeDocument } from '@/core/tree';
import { headerSchema, idSchema, nameSchema, positionSchema, transitionSchema } from './treeDocument';

const place = z.number().int().min(0).max(100_000);
const changeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('header'), from: headerSchema, to: headerSchema }),
  z.strictObject({ kind: z.literal('position'), id: idSchema, at: place, from: positionSchema.nullable(), to: positionSchema.nullable() }),
  z.strictObject({
    kind: z.literal('transition'),
    id: idSchema,
    at: place,
    from: transitionSchema.nullable(),
    to: transitionSchema.nullable(),
  }),
]);
export const diffSchema = z.strictObject({ label: z.string().min(1).max(400), changes: z.array(changeSchema).max(50_000) });

/** What a window sends to save: its edits since the revision it last saw, oldest first. */
export const saveChangesSchema = z.strictObject({ baseRevision: z.number().int().min(1), diffs: z.array(diffSchema).min(1).max(1000) });
export type SaveChanges = { readonly baseRevision: number; readonly diffs: readonly Diff[] };

/** Going back to an earlier revision, from the one the window has seen. */
export const restoreSchema = z.strictObject({ revision: z.number().int().min(1), baseRevision: z.number().int().min(1) });
/** A copy under another name, for another group. */
export const copySchema = z.strictObject({ name: nameSchema });

export const sinceSchema = z.coerce.number().int().min(1);

/** What the server answers a save. */
export type SaveOutcome =
  | { readonly saved: true; readonly revision: number }
  | {
      readonly saved: false;
      /** The tree as it is now, and what was changed since the window's copy. */
      readonly revision: number;
      readonly tree: TreeDocument;
      readonly since: readonly {
        readonly revision: number;
        readonly label: string;
        readonly madeAt: string;
        readonly madeBy: string | null;
      }[];
    };

/** How every route answers what it cannot do. */
export interface Refusal {
  readonly problems: readonly string[];
}
