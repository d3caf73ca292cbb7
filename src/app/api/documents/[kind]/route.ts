import { createSchema } from '@/contracts/documents';
import { readJson } from '@/server/http/readJson';
import { refuseError } from '@/server/http/respond';
import { kindRoute } from '@/server/http/route';
import { createDocument } from '@/server/services/documents';
import { findDocuments, findSummaries } from '@/server/services/store';

/** The gym's documents of a kind: names and revisions, or with `?whole` all that they say. */
export const GET = kindRoute('documents', async (context, kind, request) => {
  const { searchParams } = new URL(request.url);
  if (searchParams.has('whole') && kind !== 'tree') {
    return Response.json({ documents: (await findDocuments(context, kind)).map(({ document, revision }) => ({ document, revision })) });
  }
  return Response.json({ documents: await findSummaries(context, kind, { deleted: searchParams.has('deleted') }) });
});

/** Makes a document; under an id of its own if the one that it names is taken. */
export const POST = kindRoute('documents/create', async (context, kind, request) => {
  const body = await readJson(request, createSchema);
  if (!body.ok) return body.error;
  const made = await createDocument(context, kind, body.value.document, body.value.edit, body.value);
  return made.ok ? Response.json({ id: made.value }, { status: 201 }) : refuseError(made.error);
});
