import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { findTreeFile } from '@/server/services/trees';

export const dynamic = 'force-dynamic';

/** The tree as a tree file to keep. */
export const GET = treeRoute('trees/file', async (context, treeId) => {
  const file = await findTreeFile(context, treeId);
  if (file === null) return refuse(404, ['There is no such tree.']);
  return new Response(file, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${treeId.replace(/[^\w.-]+/g, '-')}.ladder.json"`,
    },
  });
});
