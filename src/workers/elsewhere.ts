import { perObject, type InPieces } from '@/core/base';
import { viewTree, type Filter } from '@/core/lens';
import { elsewhereInPieces, worthsInPieces, type Elsewhere, type OddsQuestion, type Others, type Worths } from '@/core/odds';
import type { TreeDocument } from '@/core/tree';

export const NO_OTHERS: Others = new Map();

const known = perObject((_other: TreeDocument) => new Map<string, Worths>());

/**
 * What places of a tree are worth that go on in others, looked at in the same way. Several questions follow one another about the same:
 * the worths of another tree are found once.
 */
export function* worthElsewhere(shown: TreeDocument, question: OddsQuestion, filter: Filter, others: Others): InPieces<Elsewhere> {
  return yield* elsewhereInPieces(shown, question, others, function* (other) {
    const worths = known(other);
    const key = JSON.stringify([question, filter]);
    const found = worths.get(key) ?? (yield* worthsInPieces(viewTree(other, filter, false).shown, question));
    worths.set(key, found);
    return found;
  });
}
