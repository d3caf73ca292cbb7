import { type Position, type PositionId, type Read, type ReadId, type TransitionId, type TreeDocument, type ValueId } from '../../tree';
import { sharesOf } from '../shares';

/** A read without some of its values: the shares of the others are divided by what is left of them; all 0 = equal. */
function readWithout(read: Read, gone: ReadonlySet<ValueId>): Read {
  const shares = sharesOf(read).filter(({ value }) => value === null || !gone.has(value));
  const left = shares.reduce((sum, { share }) => sum + share, 0);
  const shareOf = new Map(shares.map(({ value, share }) => [value, left > 0 ? share / left : 1 / shares.length]));
  return {
    ...read,
    values: read.values.filter(({ id }) => !gone.has(id)).map((value) => ({ ...value, share: shareOf.get(value.id)! })),
  };
}

/** The tree as if some values were never shown at a position; a read that has none left names nothing any more. */
export function withoutShows(
  tree: TreeDocument,
  at: PositionId,
  gone: readonly { readonly read: ReadId; readonly value: ValueId }[],
): TreeDocument {
  const without = (position: Position): Position => ({
    ...position,
    reads: position.reads.map((read) => {
      const values = gone.filter((show) => show.read === read.id).map(({ value }) => value);
      return values.length > 0 ? readWithout(read, new Set(values)) : read;
    }),
  });
  return { ...tree, positions: tree.positions.map((position) => (position.id === at ? without(position) : position)) };
}

/** The tree as if an announced branch had been taught. */
export const withTaught = (tree: TreeDocument, id: TransitionId): TreeDocument => ({
  ...tree,
  transitions: tree.transitions.map((transition) => (transition.id === id ? { ...transition, announced: false } : transition)),
});
