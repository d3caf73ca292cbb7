import { classPocketPage } from '@/documents/pocket/classPage';
import { attachment } from '@/server/http/attachment';
import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { findSheet } from '@/server/services/classes/classes';
import { today } from '@/server/today';

export const dynamic = 'force-dynamic';

/** The class as one HTML page to send to a telephone: the one that `?class` names, else the tree's first. */
export const GET = treeRoute('trees/classPocket', async (context, treeId, request) => {
  const sheet = await findSheet(context, treeId, new URL(request.url).searchParams.get('class'));
  if (!sheet) return refuse(404, ['There is no such tree or class.']);
  return new Response(classPocketPage(sheet, today()), {
    headers: { 'content-type': 'text/html; charset=utf-8', ...attachment(treeId, 'class.html') },
  });
});
