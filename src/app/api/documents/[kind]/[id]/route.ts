import { writeLines } from '@/documents/lines';
import { DOCUMENT_LISTS } from '@/documents/lists';
import { refuse } from '@/server/http/respond';
import { documentRoute } from '@/server/http/route';
import { findDocument, setDeleted, type StoredDocument } from '@/server/services/store';

/** What is sent of a document: written once for each revision, however many ask. */
const written = new WeakMap<StoredDocument, string>();

/**
 * The document as it is, with its revision. Asked for with `?at` the revision that it has, the browser may keep the answer:
 * what a revision holds never changes, and the worker fetches what the screen has just fetched.
 */
export const GET = documentRoute('document', async (context, kind, id, request) => {
  const stored = await findDocument(context, kind, id);
  if (!stored) return refuse(404, ['There is no such document.']);
  const isKept = new URL(request.url).searchParams.get('at') === String(stored.revision);
  const headers = { 'cache-control': isKept ? 'private, max-age=600, immutable' : 'no-store' };
  const text = written.get(stored) ?? writeLines(stored, DOCUMENT_LISTS[kind]);
  written.set(stored, text);
  return new Response(text, { headers: { 'content-type': 'application/json', ...headers } });
});

/** Deletes it; it can be brought back. What refers to it keeps its reference. */
export const DELETE = documentRoute('document/delete', async (context, kind, id) =>
  (await setDeleted(context, kind, id, true)) ? Response.json({ id }) : refuse(404, ['There is no such document.']),
);
