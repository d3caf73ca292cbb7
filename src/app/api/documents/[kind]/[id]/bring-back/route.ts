import { refuse } from '@/server/http/respond';
import { documentRoute } from '@/server/http/route';
import { setDeleted } from '@/server/services/store';

/** Brings a deleted document back. */
export const POST = documentRoute('document/bring-back', async (context, kind, id) =>
  (await setDeleted(context, kind, id, false)) ? Response.json({ id }) : refuse(404, ['There is no such document.']),
);
