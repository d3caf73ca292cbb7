import {
  indexOf,
  namedAt,
  reachablePositions,
  type PositionId,
  type Position,
  type Transition,
  type TransitionId,
  type TreeDocument,
} from '../tree';

/** A transition of the other athlete that nothing stops. */
export interface Unstopped {
  readonly position: PositionId;
  readonly transition: TransitionId;
}

/** Both can fit one and the same show: for every read that both name, a value in common; silence fits anything. */
const canMeet = (position: Position, a: Transition, b: Transition): boolean =>
  position.reads.every(({ id }) => {
    const [mine, his] = [namedAt(a.when, id), namedAt(b.when, id)];
    return mine.length === 0 || his.length === 0 || mine.some((value) => his.includes(value));
  });

/**
 * Seen by the other athlete: the transitions of whom the tree was made for, at reachable positions, with no value there in
 * `stoppedBy` and none of ours whose `when` shares a combination with their own (MODEL §3, swap). In document order; none in a
 * tree that is not swapped.
 */
export function findUnstopped(tree: TreeDocument): Unstopped[] {
  if (!tree.isSwapped) return [];
  const reachable = reachablePositions(tree);
  return tree.transitions
    .filter((transition) => reachable.has(transition.from) && isUnstopped(tree, transition))
    .map((transition) => ({ position: transition.from, transition: transition.id }));
}

/** Whether a move of the other athlete in a swapped tree is stopped by nothing there. */
export function isUnstopped(tree: TreeDocument, transition: Transition): boolean {
  if (!tree.isSwapped || transition.actor !== 'opponent') return false;
  const index = indexOf(tree);
  const position = index.positions.get(transition.from)!;
  const here = new Set(position.reads.flatMap((read) => read.values.map((value) => value.id)));
  const isStopped = (transition.stoppedBy ?? []).some((value) => here.has(value));
  const isMet = index.from.get(transition.from)!.some((other) => other.actor === 'owner' && canMeet(position, transition, other));
  return !isStopped && !isMet;
}
