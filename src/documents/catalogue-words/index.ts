import { catalogueProblems, type GymsWords } from '@/core/catalogue';
import { SMALL_BYTES, neverUpgraded, type Kind } from '../kind';
import { entrySchemas, wordsBodySchema } from './schema';

const MAX_ENTRIES = 2000;

/** What a gym says differently of the shipped catalogue, and its own entries: one document, so that no name is given away twice. */
export const catalogueWordsKind: Kind = {
  form: 1,
  body: wordsBodySchema,
  rows: entrySchemas,
  maxRows: { changedPosition: MAX_ENTRIES, changedTransition: MAX_ENTRIES, position: MAX_ENTRIES, transition: MAX_ENTRIES },
  maxBytes: 4 * SMALL_BYTES,
  check: (document, before) => catalogueProblems(document as unknown as GymsWords, before as unknown as GymsWords | null),
  normalise: (document) => document,
  upgrade: neverUpgraded,
};
