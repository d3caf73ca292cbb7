import { formatTreeFile } from '@/core/notation';
import { refuse, respond } from '@/server/http/respond';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const dynamic = 'force-dynamic';

/** The tree as a tree file to keep. */
export const GET = (_request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/file', async () => {
    const { tree: treeId } = await params;
    const { db, gymId } = await getWorkplace();
    const stored = await findTree(db, gymId, decodeURIComponent(treeId));
    if (!stored) return refuse(404, ['There is no such tree.']);
    return new Response(formatTreeFile(stored.tree), {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${stored.tree.id.replace(/[^\w.-]+/g, '-')}.ladder.json"`,
      },
    });
  });
