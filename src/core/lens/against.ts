import { chancesOf, type Profile, type Transition, type TreeDocument } from '../tree';

/** What is left of a move's chances against one who is strong against it. */
export const STRONG = 0.7;

const names = (list: readonly string[] | undefined, { id, tags = [] }: Transition): boolean =>
  list?.some((item) => item === id || tags.includes(item)) ?? false;

/**
 * An owner's move against these opponents (MODEL §4): who is strong against one of its tags leaves 0.7 of its chances, once; who knows
 * it leaves it the chance that it has when it is stopped, whatever he shows, unless it is varied against him.
 */
export function moveAgainst(tree: TreeDocument, move: Transition, opponents: readonly Profile[]): Transition {
  if (move.actor !== 'owner') return move;
  const isStrong = opponents.some(({ strongAgainst }) => strongAgainst?.some((tag) => move.tags?.includes(tag)));
  const isKnown = opponents.some(({ knows, varied }) => names(knows, move) && !varied?.includes(move.id));
  if (!isStrong && !isKnown) return move;
  const { works, offCue, stopped } = chancesOf(tree, move);
  const part = isStrong ? STRONG : 1;
  return isKnown
    ? { ...move, works: stopped * part, offCue: stopped * part, stopped: stopped * part, isKnown: true }
    : { ...move, works: works * part, offCue: offCue * part, stopped: stopped * part };
}
