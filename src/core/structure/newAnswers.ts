import { indexOf, namedAt, type PositionId, type ReadId, type TransitionId, type TreeDocument, type ValueId } from '../tree';

/** Something that had no answer until a move was drawn. */
export interface NewAnswer {
  readonly transition: TransitionId;
  readonly position: PositionId;
  readonly read: ReadId;
  readonly value: ValueId;
}

/** What moves that were drawn of late answer, and nothing that was drawn before; announced moves answer nothing yet. */
export function findNewAnswers(tree: TreeDocument, drawn: ReadonlySet<TransitionId>): NewAnswer[] {
  const { from, positions } = indexOf(tree);
  return tree.transitions.flatMap((move): NewAnswer[] => {
    if (!drawn.has(move.id) || move.actor !== 'owner' || move.announced === true) return [];
    const before = from.get(move.from)!.filter(({ id, actor, announced }) => actor === 'owner' && announced !== true && !drawn.has(id));
    return positions
      .get(move.from)!
      .reads.flatMap(({ id: read }) => namedAt(move.when, read).map((value) => ({ transition: move.id, position: move.from, read, value })))
      .filter(({ read, value }) => !before.some(({ when }) => namedAt(when, read).includes(value)));
  });
}

/** The tree as it was before some moves were drawn. */
export const withoutMoves = (tree: TreeDocument, drawn: ReadonlySet<TransitionId>): TreeDocument => ({
  ...tree,
  transitions: tree.transitions.filter(({ id }) => !drawn.has(id)),
});
