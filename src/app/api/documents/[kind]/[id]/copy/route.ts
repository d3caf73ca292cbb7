import { copySchema } from '@/contracts/documents';
import { readJson } from '@/server/http/readJson';
import { refuse, refuseError } from '@/server/http/respond';
import { documentRoute } from '@/server/http/route';
import { copyDocument } from '@/server/services/files/copies';

/** A copy under another name, for another group. */
export const POST = documentRoute('document/copy', async (context, kind, id, request) => {
  const body = await readJson(request, copySchema);
  if (!body.ok) return body.error;
  const copied = await copyDocument(context, kind, id, body.value.name);
  if (copied === null) return refuse(404, ['There is no such document.']);
  return copied.ok ? Response.json({ id: copied.value }, { status: 201 }) : refuseError(copied.error);
});
