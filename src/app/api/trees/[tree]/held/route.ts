import { heldSchema } from '@/contracts/classes';
import { readJson } from '@/server/http/readJson';
import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { addHeld, findHeld } from '@/server/services/classes/held';
import { findTree } from '@/server/services/trees';

export const dynamic = 'force-dynamic';

/** The classes held of a tree. */
export const GET = treeRoute('trees/held', async (context, treeId) => Response.json({ held: await findHeld(context, treeId) }));

/** Writes down a class that was held. */
export const POST = treeRoute('trees/held', async (context, treeId, request) => {
  const body = await readJson(request, heldSchema);
  if (!body.ok) return body.error;
  if (!(await findTree(context, treeId))) return refuse(404, ['There is no such tree. Nothing was saved.']);
  await addHeld(context, treeId, body.value);
  return Response.json({ written: true }, { status: 201 });
});
