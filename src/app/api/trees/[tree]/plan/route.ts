import { savePlanSchema } from '@/contracts/classPlan';
import { readJson } from '@/server/http/readJson';
import { refuse, respond } from '@/server/http/respond';
import { savePlan } from '@/server/services/classPlans';
import { getWorkplace } from '@/server/services/workplace';

/** Saves the class plan of a tree; 409 when another window saved in between. */
export const PUT = (request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/plan', async () => {
    const body = await readJson(request, savePlanSchema);
    if (!body.ok) return body.error;
    const { db, gymId } = await getWorkplace();
    const { plan, baseRevision } = body.value;
    const revision = await savePlan(db, gymId, decodeURIComponent((await params).tree), plan, baseRevision);
    if (revision === null)
      return refuse(409, ['This class was changed in another window. Reload to see it; nothing of yours was saved over it.']);
    return Response.json({ revision });
  });
