import { indexOf, ownerOptions, type TransitionId, type TreeDocument } from '../tree';

/**
 * Owner's options that answer nothing: they name no value at a place where every read is a closed one, so no
 * "nothing special" is left for them (MODEL §1).
 */
export function findIdleOptions(tree: TreeDocument): TransitionId[] {
  const index = indexOf(tree);
  return tree.positions.flatMap((position) => {
    const shown = position.reads.filter((read) => read.kind !== 'timing' && read.values.length > 0);
    if (shown.length === 0 || shown.some((read) => !read.closed)) return [];
    return ownerOptions(index, position.id)
      .filter((transition) => Object.keys(transition.when ?? {}).length === 0)
      .map((transition) => transition.id);
  });
}

export interface ContradictoryPreference {
  readonly transition: TransitionId;
  readonly parameter: string;
  readonly values: readonly string[];
}

/** Values of a parameter that are both preferred and "never". */
export const findContradictoryPreferences = (tree: TreeDocument): ContradictoryPreference[] =>
  tree.transitions.flatMap((transition) =>
    (transition.parameters ?? []).flatMap(({ name, values, never }): ContradictoryPreference[] => {
      const both = values.filter((value) => never?.some((item) => item.value === value));
      return both.length > 0 ? [{ transition: transition.id, parameter: name, values: both }] : [];
    }),
  );
