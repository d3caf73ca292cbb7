import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { classPdf } from '@/server/services/paper/classPdf';
import { findSheet } from '@/server/services/classes/classes';

export const dynamic = 'force-dynamic';

/** The class sheet as a PDF of one A4 page: of the class that `?class` names, else of the tree's first. */
export const GET = treeRoute('trees/sheet', async (context, treeId, request) => {
  const sheet = await findSheet(context, treeId, new URL(request.url).searchParams.get('class'));
  if (!sheet) return refuse(404, ['There is no such tree or class.']);
  return new Response(new Uint8Array(await classPdf(sheet)), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="class-sheet.pdf"' },
  });
});
