import { ownerOptions, indexOf, type PositionId, type TransitionId, type TreeDocument, type ValueId } from '../tree';

export interface Announced {
  readonly position: PositionId;
  /** Owner's branches that are taught, and all that were named. */
  readonly taught: number;
  readonly announced: number;
  /** Named and not yet taught. */
  readonly open: readonly TransitionId[];
}
export interface Todo {
  readonly announced: readonly Announced[];
  /** Links to other trees. */
  readonly continuations: readonly { readonly position: PositionId; readonly tree: string; readonly to: PositionId }[];
  readonly unsure: {
    readonly positions: readonly PositionId[];
    readonly values: readonly { readonly position: PositionId; readonly value: ValueId }[];
    readonly transitions: readonly TransitionId[];
  };
}

/** What was named and not finished: announced branches, links elsewhere, wording marked unsure. In document order. */
export function findTodo(tree: TreeDocument): Todo {
  const index = indexOf(tree);
  return {
    announced: tree.positions.flatMap((position) => {
      const options = ownerOptions(index, position.id);
      const open = options.filter((transition) => transition.announced).map((transition) => transition.id);
      return open.length === 0 ? [] : [{ position: position.id, taught: options.length - open.length, announced: options.length, open }];
    }),
    continuations: tree.positions.flatMap(({ id, continuesIn }) =>
      continuesIn ? [{ position: id, tree: continuesIn.tree, to: continuesIn.position }] : [],
    ),
    unsure: {
      positions: tree.positions.filter((position) => position.wordingUnsure).map((position) => position.id),
      values: tree.positions.flatMap((position) =>
        position.reads.flatMap((read) =>
          read.values.filter((value) => value.unsure).map((value) => ({ position: position.id, value: value.id })),
        ),
      ),
      transitions: tree.transitions.filter((transition) => transition.unsure).map((transition) => transition.id),
    },
  };
}
