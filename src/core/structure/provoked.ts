import { answersOf } from './answers';
import { findValue, indexOf, landingsOf, positionOf, type PositionId, type TransitionId, type TreeDocument, type ValueId } from '../tree';

/** A reaction that a helper action of the owner hopes for, and the options that it serves. */
export interface Provoked {
  readonly transition: TransitionId;
  /** Where the reaction is shown: the place the helper leads to, or the one it is tried from (a feint). */
  readonly position: PositionId;
  readonly value: ValueId;
  /** The owner's answers to the value there; none = it provokes what has no answer. */
  readonly serves: readonly TransitionId[];
}

/** Helper actions with what they provoke (MODEL §1), in document order. */
export function findProvoked(tree: TreeDocument): Provoked[] {
  const index = indexOf(tree);
  return tree.transitions.flatMap((transition) =>
    (transition.provokes ?? []).flatMap((value): Provoked[] => {
      const position = [...landingsOf(transition), transition.from].find((id) => findValue(positionOf(index, id), value));
      if (position === undefined || transition.actor !== 'owner') return [];
      const { read } = findValue(positionOf(index, position), value)!;
      const serves = answersOf(index, position, read.id, value).filter((answer) => answer.id !== transition.id);
      return [{ transition: transition.id, position, value, serves: serves.map((answer) => answer.id) }];
    }),
  );
}
