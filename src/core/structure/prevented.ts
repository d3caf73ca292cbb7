import { DISTANCES, indexOf, type Position, type Transition, type TransitionId, type TreeDocument } from '../tree';

const same = (a: string, b: string | undefined): boolean => a.trim().toLowerCase() === b?.trim().toLowerCase();

/**
 * Of what makes a move impossible from the beginning: what is always so at a place, that is its distance or its leg relation in
 * these words. What else is written (a grip, a habit) depends on the opponent, and the place does not say it.
 */
export const preventionsAt = (
  { distance, legRelation }: Position,
  { preventedBy = [] }: Pick<Transition, 'preventedBy'>,
): readonly string[] =>
  preventedBy.filter((item) => same(item, legRelation) || DISTANCES.some((known) => known === distance && same(item, known)));

export interface Prevented {
  readonly transition: TransitionId;
  readonly by: string;
}

/** Moves that are drawn from where, by their own words, they cannot be done. */
export function findPrevented(tree: TreeDocument): Prevented[] {
  const { positions } = indexOf(tree);
  return tree.transitions.flatMap((transition) =>
    preventionsAt(positions.get(transition.from)!, transition).map((by) => ({ transition: transition.id, by })),
  );
}
