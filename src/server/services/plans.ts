import { filterTree, opponentsIn, type Filter } from '@/core/lens';
import { findOddsInPieces, planOf, questionAgainst } from '@/core/odds';
import { guardsOf, planSheetOf, type PlanSheet } from '@/core/words';
import { letOthersIn } from '@/documents/letOthersIn';
import type { Context } from './context';
import { findElsewhere } from './elsewhere';
import { findTreeInGym } from './trees';

/** The game plan against the one whom a filter takes as the other one; null = no such tree, or nobody is. */
export async function findPlan(context: Context, treeId: string, filter: Filter): Promise<PlanSheet | null> {
  const tree = await findTreeInGym(context, treeId);
  const [him] = tree ? opponentsIn(tree, filter) : [];
  if (!tree || !him) return null;
  const shown = filterTree(tree, filter).tree;
  const question = questionAgainst([him]);
  const odds = await letOthersIn(findOddsInPieces(shown, question, await findElsewhere(context, shown, filter, question)));
  return planSheetOf(shown, him, planOf(shown, odds, guardsOf(shown, him)), question.roundSeconds);
}
