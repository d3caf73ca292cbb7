import { filterFromParams } from '@/contracts/filter';
import { attachment } from '@/server/http/attachment';
import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { findPocketPage } from '@/server/services/pocket';

export const dynamic = 'force-dynamic';

/** The tree as one HTML page to send to a telephone, as it is looked at; with `?pictures` with as many as there is room for. */
export const GET = treeRoute('trees/pocket', async (context, treeId, request) => {
  const params = new URL(request.url).searchParams;
  const given = Object.fromEntries(
    [...new Set(params.keys())].map((key) => [key, params.getAll(key).length > 1 ? params.getAll(key) : params.get(key)!]),
  );
  const page = await findPocketPage(context, treeId, filterFromParams(given), params.has('pictures'));
  if (page === null) return refuse(404, ['There is no such tree.']);
  return new Response(page, {
    headers: {
      'content-type': 'text/html; charset=utf-8',
      // To be kept and sent, not opened here: it brings a script of its own.
      ...attachment(treeId, 'pocket.html'),
    },
  });
});
