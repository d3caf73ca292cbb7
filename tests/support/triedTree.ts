import type { PositionId, ReadId, TransitionId, TreeDocument, ValueId } from '@/core/tree';
import { withoutValues } from '@/core/odds/derived/tried/tries';

/** The tree as if some values were never shown at a position. */
export const withoutShows = (
  tree: TreeDocument,
  at: PositionId,
  gone: readonly { readonly read: ReadId; readonly value: ValueId }[],
): TreeDocument => ({
  ...tree,
  positions: tree.positions.map((position) => (position.id === at ? withoutValues(position, gone) : position)),
});

/** The tree as if an announced branch had been taught. */
export const withTaught = (tree: TreeDocument, id: TransitionId): TreeDocument => ({
  ...tree,
  transitions: tree.transitions.map((transition) => (transition.id === id ? { ...transition, announced: false } : transition)),
});
