import { emptyTree } from '@/core/tree';
import { respond } from '@/server/http/respond';
import { createTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

/** Begins an empty tree. */
export const POST = () =>
  respond('trees/empty', async () => {
    const { db, gymId } = await getWorkplace();
    return Response.json({ treeId: await createTree(db, gymId, emptyTree('my-passing', 'My passing')) }, { status: 201 });
  });
