import { copySchema } from '@/contracts/changes';
import { readJson } from '@/server/http/readJson';
import { refuse, respond } from '@/server/http/respond';
import { copyTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

/** Copies a tree for another group. */
export const POST = (request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/copy', async () => {
    const body = await readJson(request, copySchema);
    if (!body.ok) return body.error;
    const { db, gymId } = await getWorkplace();
    const treeId = await copyTree(db, gymId, decodeURIComponent((await params).tree), body.value.name);
    return treeId === null ? refuse(404, ['There is no such tree.']) : Response.json({ treeId }, { status: 201 });
  });
