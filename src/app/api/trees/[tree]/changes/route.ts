import type { NextRequest } from 'next/server';
import { saveChangesSchema, sinceSchema } from '@/contracts/changes';
import { whoFrom } from '@/contracts/whoName';
import { readJson } from '@/server/http/readJson';
import { refuse, respond } from '@/server/http/respond';
import { getWorkplace } from '@/server/services/workplace';
import { changesSince, saveChanges } from '@/server/services/trees';

/** Saves a window's edits; 409 with the current tree when its copy is stale. */
export const POST = (request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/changes', async () => {
    const body = await readJson(request, saveChangesSchema);
    if (!body.ok) return body.error;
    const { db, gymId } = await getWorkplace();
    const outcome = await saveChanges(
      db,
      gymId,
      decodeURIComponent((await params).tree),
      body.value,
      whoFrom(request.headers.get('cookie')),
    );
    if (!outcome.ok) return refuse(422, outcome.error);
    return Response.json(outcome.value, { status: outcome.value.saved ? 200 : 409 });
  });

/** What was changed since a revision, with the tree as it is now: what a window asks when it comes back to the front. */
export const GET = (request: NextRequest, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/changes-since', async () => {
    const since = sinceSchema.safeParse(request.nextUrl.searchParams.get('since'));
    if (!since.success) return refuse(400, ['"since" must be a revision number.']);
    const { db, gymId } = await getWorkplace();
    const outcome = await changesSince(db, gymId, decodeURIComponent((await params).tree), since.data);
    return outcome ? Response.json(outcome) : refuse(404, ['There is no such tree.']);
  });
