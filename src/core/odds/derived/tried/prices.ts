import { partOf, type InPieces } from '../../../base';
import type { TreeDocument } from '../../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../../question';
import type { Gap } from '../advice';
import { Ground } from '../ground';
import { dearestInPieces } from './dearest';

/** What a gap costs: points of V in [-1, 1], over all starts alike. */
export interface Priced {
  readonly gap: Gap;
  readonly price: number;
}

/** The prices of the gaps that cost most, dearest first, on the round clock (MODEL §4, derived); of the others it is less. */
export function* findPricesInPieces(
  tree: TreeDocument,
  gaps: readonly Gap[],
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<readonly Priced[]> {
  if (tree.starts.length === 0 || gaps.length === 0) return [];
  const ground = new Ground(tree, question, elsewhere);
  const value = ground.meanOf(yield* partOf(ground.onRound(), 0, 0.1));
  const tries = gaps.map((gap) => ground.tries.closing(gap.position, [gap]));
  const found = yield* partOf(dearestInPieces(ground, value, tries), 0.1, 1);
  return found.map(({ which, change }) => ({ gap: gaps[which]!, price: change }));
}
