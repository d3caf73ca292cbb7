import type { TreeDocument } from '../tree';
import { inOtherWords, inOwnWords } from './otherWords';
import { swapAthletes } from './swapAthletes';

/** The tree as the other athlete sees it: athletes, holds and facts exchanged, and said in his words. */
export const otherSide = (tree: TreeDocument): TreeDocument => inOtherWords(swapAthletes(tree));

/** What was edited on the other side, as it is kept; `tree` is as it was before the edit. */
export function fromOtherSide(edited: TreeDocument, tree: TreeDocument): TreeDocument {
  const plain = swapAthletes(tree);
  return swapAthletes(inOwnWords(edited, inOtherWords(plain), plain));
}
