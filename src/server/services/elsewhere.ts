import { filterTree, type Filter } from '@/core/lens';
import { elsewhereInPieces, linksElsewhere, type Elsewhere, type OddsQuestion } from '@/core/odds';
import type { TreeDocument } from '@/core/tree';
import { letOthersIn } from '@/documents/letOthersIn';
import type { Context } from './context';
import { findTreeInGym } from './trees';

/** What places of a tree are worth that go on in others of the gym, looked at in the same way. */
export async function findElsewhere(context: Context, shown: TreeDocument, filter: Filter, question: OddsQuestion): Promise<Elsewhere> {
  const others = new Map<string, TreeDocument>();
  for (const id of new Set(linksElsewhere(shown).map((link) => link.tree))) {
    const other = await findTreeInGym(context, id);
    if (other) others.set(id, filterTree(other, filter).tree);
  }
  return letOthersIn(elsewhereInPieces(shown, question, others));
}
