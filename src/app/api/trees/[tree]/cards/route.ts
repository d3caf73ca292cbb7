import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { cardsPdf } from '@/server/services/paper/cardsPdf';
import { findCards } from '@/server/services/classes/classes';

export const dynamic = 'force-dynamic';

/** The feeder cards as a PDF, a page of A5 each: of the class that `?class` names, else of the tree's first. */
export const GET = treeRoute('trees/cards', async (context, treeId, request) => {
  const cards = await findCards(context, treeId, new URL(request.url).searchParams.get('class'));
  if (!cards) return refuse(404, ['There is no such tree or class.']);
  return new Response(new Uint8Array(await cardsPdf(cards)), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="feeder-cards.pdf"' },
  });
});
