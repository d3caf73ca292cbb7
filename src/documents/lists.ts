import { TREE_ROWS } from '@/core/tree';

/** Every kind of document, and which of its lists are rows: stored, compared and changed entry by entry. No schema here: screens need none. */
export const DOCUMENT_LISTS = {
  tree: TREE_ROWS,
  class: [],
  course: [],
  athlete: [],
  opponent: [],
  group: [],
  ruleCard: [],
  settings: [],
  catalogueWords: ['changedPosition', 'changedTransition', 'position', 'transition'],
} as const satisfies Record<string, readonly string[]>;

export type DocumentKind = keyof typeof DOCUMENT_LISTS;
export const DOCUMENT_KINDS = Object.keys(DOCUMENT_LISTS) as DocumentKind[];
export const isDocumentKind = (text: string): text is DocumentKind => Object.hasOwn(DOCUMENT_LISTS, text);
