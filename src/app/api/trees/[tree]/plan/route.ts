import { filterFromParams } from '@/contracts/filter';
import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { planPdf } from '@/server/services/paper/planPdf';
import { findPlan } from '@/server/services/plans';

export const dynamic = 'force-dynamic';

/** The game plan against whom the address names, as a PDF. */
export const GET = treeRoute('trees/plan', async (context, treeId, request) => {
  const { searchParams } = new URL(request.url);
  const found = Object.fromEntries([...new Set(searchParams.keys())].map((key) => [key, searchParams.getAll(key)]));
  const sheet = await findPlan(context, treeId, filterFromParams(found));
  if (!sheet) return refuse(404, ['There is no such tree or opponent.']);
  return new Response(new Uint8Array(await planPdf(sheet)), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="game-plan.pdf"' },
  });
});
