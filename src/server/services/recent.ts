import type { AnyDocument } from '@/documents';

/** A document at a revision. */
export interface StoredDocument {
  readonly document: AnyDocument;
  readonly revision: number;
  /** Size as a file in normal form. */
  readonly bytes: number;
}

declare global {
  var redLadderRecent: Map<string, StoredDocument> | undefined;
}
/** In bytes of normal form; parsed documents take a few times as much. */
const MOST_BYTES = 60_000_000;

/** Documents read or saved lately, by key and revision: what a revision holds never changes, so nothing here can be out of date. */
const recent = (): Map<string, StoredDocument> => (globalThis.redLadderRecent ??= new Map());

export function recall(key: string): StoredDocument | null {
  const found = recent().get(key);
  if (!found) return null;
  recent().delete(key);
  recent().set(key, found);
  return found;
}

export function remember(key: string, document: StoredDocument): void {
  const kept = recent();
  kept.delete(key);
  kept.set(key, document);
  let bytes = 0;
  for (const item of kept.values()) bytes += item.bytes;
  for (const [oldest, item] of kept) {
    if (bytes <= MOST_BYTES || oldest === key) break;
    kept.delete(oldest);
    bytes -= item.bytes;
  }
}
