import { perObject } from '../base';
import type { Position, Transition, TreeDocument } from '../tree';
import { moveInOwnWords, otherMove, otherPlace, placeInOwnWords } from './otherWords';
import { otherPosition, swappedBy } from './swap';
import { swapMove, withStartFacts } from './swapAthletes';

// Told once for each record: an edit of one place does not put five thousand others into words again.
const place = perObject((position: Position) => otherPlace(otherPosition(position), 'he'));
const move = perObject((transition: Transition) => otherMove(swapMove(transition)));

/** The tree as the other athlete sees it: athletes, holds and facts exchanged, and said in his words. */
export const otherSide = (tree: TreeDocument): TreeDocument => withStartFacts(swappedBy(tree, place, move));

/** What was edited on the other side, as it is kept; `tree` is as it was before the edit. What was not touched is the very same record. */
export function fromOtherSide(edited: TreeDocument, tree: TreeDocument): TreeDocument {
  const byId = <T extends { readonly id: string }>(list: readonly T[]) => new Map(list.map((item) => [item.id, item]));
  const [positions, transitions] = [byId(tree.positions), byId(tree.transitions)];
  const ownPlace = (now: Position): Position => {
    const was = positions.get(now.id);
    if (was && place(was) === now) return was;
    return otherPosition(placeInOwnWords(now, was && place(was), was && otherPosition(was)));
  };
  const ownMove = (now: Transition): Transition => {
    const was = transitions.get(now.id);
    if (was && move(was) === now) return was;
    return swapMove(moveInOwnWords(now, was && move(was), was && swapMove(was)));
  };
  return withStartFacts(swappedBy(edited, ownPlace, ownMove));
}
