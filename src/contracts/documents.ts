import { z } from 'zod';
import type { Diff } from '@/core/document';
import { containsMarkup } from '@/core/tree';

/** One edit of a window: its own id, so that the same edit sent twice is stored once, and what it changes. */
export interface Edit {
  readonly id: string;
  readonly diff: Diff;
}

const revision = z.number().int().min(1).max(2_147_483_647);
const label = z
  .string()
  .min(1)
  .max(400)
  .refine((text) => !containsMarkup(text), 'contains control characters or markup');
const field = z.string().regex(/^[a-z][A-Za-z]{0,39}$/, 'is not the name of a field');
const rowId = z.string().min(1).max(120);
const place = z.number().int().min(0).max(100_000);
const row = z.looseObject({ id: rowId }).nullable();

/** Form of a diff; whether what it puts is a good record of its kind is checked by the kind's own schema. */
export const diffSchema = z.strictObject({
  label,
  changes: z
    .array(
      z.discriminatedUnion('kind', [
        z.strictObject({ kind: z.literal('field'), field, from: z.unknown(), to: z.unknown() }),
        z
          .strictObject({ kind: z.literal('row'), list: field, id: rowId, at: place, from: row, to: row })
          .refine(({ id, to }) => to === null || to.id === id, 'holds a record of another id'),
        z.strictObject({ kind: z.literal('order'), list: field, from: z.array(rowId).max(50_000), to: z.array(rowId).max(50_000) }),
      ]),
    )
    .max(50_000),
});

/** What a window sends to save: its edits since the revision it last saw, oldest first. Each diff is parsed on its own. */
export const saveSchema = z.strictObject({
  baseRevision: revision,
  edits: z
    .array(z.strictObject({ id: z.uuid(), diff: z.unknown() }))
    .min(1)
    .max(1000),
});
export type SaveRequest = { readonly baseRevision: number; readonly edits: readonly { readonly id: string; readonly diff: unknown }[] };

/** `exactly` = under the id that it names or not at all; otherwise under a free one. */
export const createSchema = z.strictObject({
  edit: z.uuid(),
  document: z.looseObject({ id: z.string().min(1).max(120), name: z.string() }),
  exactly: z.boolean().optional(),
});
/** Going back to an earlier revision, from the one the window has seen. */
export const restoreSchema = z.strictObject({ revision, baseRevision: revision });
/** A copy under another name. */
export const copySchema = z.strictObject({ name: z.string().max(160).regex(/\S/, 'a name needs at least one visible character') });
export const sinceSchema = z
  .string()
  .regex(/^\d{1,10}$/)
  .transform(Number)
  .pipe(revision);

/** An edit that cannot be: which, and why. */
export interface RefusedEdit {
  readonly edit: string;
  readonly problems: readonly string[];
}
export interface ChangeNote {
  readonly revision: number;
  readonly label: string;
  readonly madeAt: string;
  readonly madeBy: string | null;
}
/** The document as it is now, and what was changed since the window's copy. */
export interface Stale {
  readonly saved: false;
  readonly revision: number;
  readonly document: { readonly id: string; readonly name: string };
  readonly since: readonly ChangeNote[];
  /** Ids of the sent edits that are already in it. */
  readonly stored: readonly string[];
}
/** What the server answers a save; `refused` = the edits before that one were stored, it and those after it were not. */
export type SaveOutcome = { readonly saved: true; readonly revision: number; readonly refused?: RefusedEdit } | Stale;

/** How every route answers what it cannot do. */
export interface Refusal {
  readonly problems: readonly string[];
  /** The edit that it is about, where it is about one. */
  readonly edit?: string;
}
