import type { z } from 'zod';
import type { Diff } from '@/core/document';

/** A document of whatever kind: its id, and fields that the kind's schema knows. */
export type AnyDocument = { readonly id: string; readonly name: string } & Readonly<Record<string, unknown>>;

/** What the upgrade of one document learns that others need: people who stood in trees are now the gym's. */
export interface Moved {
  /** Tree and former id of a partner, as `tree\nid`. */
  readonly partners: Set<string>;
  /** Where an id was taken by something else: `tree\nkind\nid` → the id it has now. */
  readonly renamed: Map<string, string>;
}

export interface Beside {
  readonly kind: 'ruleCard' | 'athlete' | 'opponent';
  readonly document: { readonly id: string; readonly name: string };
}

/** All that the store has to know of a kind of document. */
export interface Kind {
  /** Version of the stored form; older ones are upgraded when they are read. */
  readonly form: number;
  /** The body without its rows. */
  readonly body: z.ZodType;
  /** Schema of a row, by list; its keys are those of DOCUMENT_LISTS. */
  readonly rows: Readonly<Record<string, z.ZodType>>;
  /** How many rows a list may have. */
  readonly maxRows: Readonly<Record<string, number>>;
  /** Largest size in bytes, as a file in normal form. */
  readonly maxBytes: number;
  /** Why the document cannot be so, a sentence each; empty = it can. Form was checked before; `before` = what it was made from. */
  check(document: AnyDocument, before: AnyDocument | null): readonly string[];
  normalise(document: AnyDocument): AnyDocument;
  /** From an older form: what it is now, and what it held that is now a document of its own. */
  upgrade(document: AnyDocument, form: number, moved: Moved): { readonly document: AnyDocument; readonly beside: readonly Beside[] };
  /** A stored diff of an older form as diffs are written now; absent = all are. */
  formerDiff?(diff: Diff, form: number): Diff;
  /** The document with what it refers to under other ids. */
  withRenamed?(document: AnyDocument, moved: Moved): AnyDocument;
}

export const SMALL_BYTES = 512 * 1024;
/** For kinds that have had one form only. */
export const neverUpgraded: Kind['upgrade'] = (document) => ({ document, beside: [] });
