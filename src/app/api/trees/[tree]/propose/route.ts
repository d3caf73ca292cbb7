import { proposalAskedSchema } from '@/contracts/classes';
import { readJson } from '@/server/http/readJson';
import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { findProposals } from '@/server/services/classes/proposals';
import { today } from '@/server/today';

export const dynamic = 'force-dynamic';

/** Two classes for the slot and the people that are asked for; changes nothing. */
export const POST = treeRoute('trees/propose', async (context, treeId, request) => {
  const body = await readJson(request, proposalAskedSchema);
  if (!body.ok) return body.error;
  const found = await findProposals(context, treeId, body.value, today());
  return found ? Response.json(found) : refuse(404, ['There is no such tree.']);
});
