import { sayNotFound } from '@/core/words';

/** A sentence for an id in the address that none of the known ones is; none without one. */
export const saidOfId = (what: Parameters<typeof sayNotFound>[0], id: string | null | undefined, known: readonly string[]): string[] =>
  id === null || id === undefined || known.includes(id) ? [] : [sayNotFound(what, id)];
