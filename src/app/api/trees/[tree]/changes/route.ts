import { saveChangesSchema } from '@/contracts/changes';
import { readJson } from '@/server/http/readJson';
import { refuse, respond } from '@/server/http/respond';
import { getWorkplace } from '@/server/services/workplace';
import { saveChanges } from '@/server/services/trees';

/** Saves a window's edits; 409 with the current tree when its copy is stale. */
export const POST = (request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/changes', async () => {
    const body = await readJson(request, saveChangesSchema);
    if (!body.ok) return body.error;
    const { db, gymId } = await getWorkplace();
    const outcome = await saveChanges(db, gymId, decodeURIComponent((await params).tree), body.value);
    if (!outcome.ok) return refuse(422, outcome.error);
    return Response.json(outcome.value, { status: outcome.value.saved ? 200 : 409 });
  });
