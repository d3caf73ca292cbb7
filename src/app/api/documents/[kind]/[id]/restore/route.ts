import { restoreSchema } from '@/contracts/documents';
import { readJson } from '@/server/http/readJson';
import { refuse, refuseError } from '@/server/http/respond';
import { documentRoute } from '@/server/http/route';
import { restoreDocument } from '@/server/services/documents';

/** Goes back to an earlier revision; 409 when the document was changed meanwhile. */
export const POST = documentRoute('document/restore', async (context, kind, id, request) => {
  const body = await readJson(request, restoreSchema);
  if (!body.ok) return body.error;
  const outcome = await restoreDocument(context, kind, id, body.value);
  if (!outcome.ok) return refuseError(outcome.error);
  if (!outcome.value.saved) return refuse(409, ['This was changed in another window meanwhile. Look at the log again.']);
  return Response.json(outcome.value);
});
