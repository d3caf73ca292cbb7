import { refuse } from '@/server/http/respond';
import { documentRoute } from '@/server/http/route';
import { findDocument, setDeleted } from '@/server/services/store';

/** The document as it is, with its revision. */
export const GET = documentRoute('document', async (context, kind, id) => {
  const stored = await findDocument(context, kind, id);
  return stored ? Response.json({ document: stored.document, revision: stored.revision }) : refuse(404, ['There is no such document.']);
});

/** Deletes it; it can be brought back. What refers to it keeps its reference. */
export const DELETE = documentRoute('document/delete', async (context, kind, id) =>
  (await setDeleted(context, kind, id, true)) ? Response.json({ id }) : refuse(404, ['There is no such document.']),
);
