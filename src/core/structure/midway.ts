import type { TransitionId, TreeDocument } from '../tree';

export interface OpenMidway {
  readonly transition: TransitionId;
  readonly reaction: string;
  /** The step that is named is not written (any more). */
  readonly noSuchStep: boolean;
}

/** What he does while a move of mine is under way, and nothing is said against it; or after a step that the move does not have. */
export function findOpenMidway(tree: TreeDocument): OpenMidway[] {
  return tree.transitions.flatMap(({ id, actor, midway = [], steps = [] }) =>
    midway.flatMap(({ reaction, answer, afterStep = 0 }): OpenMidway[] => {
      const noSuchStep = steps.length > 0 && afterStep > steps.length;
      const isOpen = actor === 'owner' && answer === undefined;
      return isOpen || noSuchStep ? [{ transition: id, reaction, noSuchStep }] : [];
    }),
  );
}
