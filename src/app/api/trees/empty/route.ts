import { z } from 'zod';
import { emptyTree, OWNERS } from '@/core/tree';
import { readJson } from '@/server/http/readJson';
import { respond } from '@/server/http/respond';
import { createTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

const schema = z.strictObject({ owner: z.enum(OWNERS) });

/** Begins an empty tree for the passer or for the guard player. */
export const POST = (request: Request) =>
  respond('trees/empty', async () => {
    const body = await readJson(request, schema);
    if (!body.ok) return body.error;
    const { owner } = body.value;
    const [id, name] = owner === 'passer' ? ['my-passing', 'My passing'] : ['my-guard', 'My guard'];
    const { db, gymId } = await getWorkplace();
    return Response.json({ treeId: await createTree(db, gymId, emptyTree(id, name, owner)) }, { status: 201 });
  });
