import { consequencesOf } from './answers';
import { indexOf, meansNothing, reachablePositions, type PositionId, type ReadId, type TreeDocument, type ValueId } from '../tree';

export interface Unpriced {
  readonly position: PositionId;
  readonly read: ReadId;
  readonly value: ValueId;
}

/** What he does at a reachable place without its price: nothing says what he gets if it works. In document order. */
export function findUnpriced(tree: TreeDocument): Unpriced[] {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  return tree.positions.flatMap((position) =>
    !reachable.has(position.id)
      ? []
      : position.reads
          .filter((read) => read.kind === 'reaction')
          .flatMap((read) =>
            read.values
              .filter((value) => value.kind !== 'none' && !meansNothing(value.name))
              .filter((value) => consequencesOf(index, position.id, read.id, value.id).length === 0)
              .map((value) => ({ position: position.id, read: read.id, value: value.id })),
          ),
  );
}
