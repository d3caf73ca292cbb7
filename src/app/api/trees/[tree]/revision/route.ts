import { refuse, respond } from '@/server/http/respond';
import { findRevision } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const dynamic = 'force-dynamic';

export const GET = (_request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/revision', async () => {
    const { db, gymId } = await getWorkplace();
    const revision = await findRevision(db, gymId, decodeURIComponent((await params).tree));
    return revision === null ? refuse(404, ['There is no such tree.']) : Response.json({ revision });
  });
