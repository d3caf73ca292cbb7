import { saveSchema, sinceSchema } from '@/contracts/documents';
import { readJson } from '@/server/http/readJson';
import { refuse, refuseError } from '@/server/http/respond';
import { documentRoute } from '@/server/http/route';
import { changesSince, saveEdits } from '@/server/services/store';

/** Saves a window's edits; 409 with the document as it is when the window's copy is stale. */
export const POST = documentRoute('document/save', async (context, kind, id, request) => {
  const body = await readJson(request, saveSchema);
  if (!body.ok) return body.error;
  const outcome = await saveEdits(context, kind, id, body.value);
  if (!outcome.ok) return refuseError(outcome.error);
  return Response.json(outcome.value, { status: outcome.value.saved ? 200 : 409 });
});

/** What was changed since a revision, with the document as it is now: what a window asks when it comes back to the front. */
export const GET = documentRoute('document/changes-since', async (context, kind, id, request) => {
  const since = sinceSchema.safeParse(new URL(request.url).searchParams.get('since') ?? '');
  if (!since.success) return refuse(400, ['"since" must be a revision number.']);
  const outcome = await changesSince(context, kind, id, since.data);
  return outcome ? Response.json(outcome) : refuse(404, ['There is no such document.']);
});
