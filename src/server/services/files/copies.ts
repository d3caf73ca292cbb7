import { ok, type Result } from '@/core/base';
import type { DocumentKind } from '@/documents';
import type { Context } from '../context';
import { createDocument } from '../documents';
import { findDocument, type StoreError } from '../store';
import { copyTree } from '../trees';

/** A copy of a document under another name; null = there is no such document. */
export async function copyDocument(
  context: Context,
  kind: DocumentKind,
  id: string,
  name: string,
): Promise<Result<string, StoreError> | null> {
  if (kind === 'tree') {
    const copy = await copyTree(context, id, name);
    return copy === null ? null : ok(copy);
  }
  const stored = await findDocument(context, kind, id);
  return stored && createDocument(context, kind, { ...stored.document, name }, null);
}
