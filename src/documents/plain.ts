import type { z } from 'zod';
import { findMarkup } from '@/core/tree';
import { normalDocument } from './normal';
import { neverUpgraded, SMALL_BYTES, type Kind } from './kind';

/** A kind without rows, in normal form when what is empty is left out. */
export function plainDocument(schema: z.ZodType, check: Kind['check'] = () => []): Kind {
  return {
    form: 1,
    body: schema,
    rows: {},
    maxRows: {},
    maxBytes: SMALL_BYTES,
    check(document, before) {
      const [found] = findMarkup(document);
      return found === undefined
        ? check(document, before)
        : [`“${document.name}”: “${found.slice(0, 60)}” contains markup or control characters; write it as plain words.`];
    },
    normalise: normalDocument,
    upgrade: neverUpgraded,
  };
}
