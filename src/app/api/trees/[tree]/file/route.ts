import { attachment } from '@/server/http/attachment';
import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { findBundle } from '@/server/services/files/bundles';
import { findTreeFile } from '@/server/services/files/treeFiles';

export const dynamic = 'force-dynamic';

/** The tree as a tree file to keep; with `?pictures` in a zip beside what its places and steps show. */
export const GET = treeRoute('trees/file', async (context, treeId, request) => {
  if (new URL(request.url).searchParams.has('pictures')) {
    const bundle = await findBundle(context, treeId);
    if (bundle === null) return refuse(404, ['There is no such tree.']);
    return new Response(new Uint8Array(bundle), {
      headers: { 'content-type': 'application/zip', ...attachment(treeId, 'ladder.zip') },
    });
  }
  const file = await findTreeFile(context, treeId);
  if (file === null) return refuse(404, ['There is no such tree.']);
  return new Response(file, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      ...attachment(treeId, 'ladder.json'),
    },
  });
});
