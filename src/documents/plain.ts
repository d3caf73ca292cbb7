import type { z } from 'zod';
import { containsMarkup } from '@/core/tree';
import { normalDocument } from './normal';
import { neverUpgraded, SMALL_BYTES, type Kind } from './kind';

/** The first text in it that holds markup or control characters; null = all is plain. Iterative: it may be nested deeply. */
function findMarkup(value: unknown): string | null {
  const open: unknown[] = [value];
  while (open.length > 0) {
    const item = open.pop();
    if (typeof item === 'string' && containsMarkup(item)) return item;
    if (typeof item === 'object' && item !== null) open.push(...Object.values(item));
  }
  return null;
}

/** A kind without rows, in normal form when what is empty is left out. */
export function plainDocument(schema: z.ZodType, check: Kind['check'] = () => []): Kind {
  return {
    form: 1,
    body: schema,
    rows: {},
    maxRows: {},
    maxBytes: SMALL_BYTES,
    check(document, before) {
      const found = findMarkup(document);
      return found === null
        ? check(document, before)
        : [`“${document.name}”: “${found.slice(0, 60)}” contains markup or control characters; write it as plain words.`];
    },
    normalise: normalDocument,
    upgrade: neverUpgraded,
  };
}
