import { unknownIn, type Filter } from '@/core/lens';
import { treeInGym, type GymBook } from '@/core/people';
import type { TreeDocument } from '@/core/tree';
import { sayNotFound } from '@/core/words';

/** Sentences for what a filter in the address names and the gym does not have. */
export const saidOfFilter = (tree: TreeDocument, book: GymBook, filter: Filter): string[] =>
  unknownIn(treeInGym(tree, book), filter).map(({ what, id }) => sayNotFound(what, id));

/** A sentence for an id in the address that none of the known ones is; none without one. */
export const saidOfId = (what: Parameters<typeof sayNotFound>[0], id: string | null | undefined, known: readonly string[]): string[] =>
  id === null || id === undefined || known.includes(id) ? [] : [sayNotFound(what, id)];
