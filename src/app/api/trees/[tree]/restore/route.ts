import { restoreSchema } from '@/contracts/changes';
import { whoFrom } from '@/contracts/whoName';
import { readJson } from '@/server/http/readJson';
import { refuse, respond } from '@/server/http/respond';
import { restoreTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

/** Goes back to an earlier revision; 409 when the tree was changed meanwhile. */
export const POST = (request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/restore', async () => {
    const body = await readJson(request, restoreSchema);
    if (!body.ok) return body.error;
    const { db, gymId } = await getWorkplace();
    const outcome = await restoreTree(
      db,
      gymId,
      decodeURIComponent((await params).tree),
      body.value.revision,
      body.value.baseRevision,
      whoFrom(request.headers.get('cookie')),
    );
    if (!outcome.ok) return refuse(422, outcome.error);
    if (!outcome.value.saved) return refuse(409, ['The tree was changed in another window meanwhile. Look at the log again.']);
    return Response.json(outcome.value);
  });
