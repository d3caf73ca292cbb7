import { indexOf, names, ownerOptions, type PositionId, type ValueId, type TreeDocument, reachablePositions } from '../tree';

export interface LateBranch {
  readonly position: PositionId;
  /** `noTiming`: nothing says what happens off time; else what is missing of late and early. */
  readonly missing: 'noTiming' | readonly ('late' | 'early')[];
  /** Timing values that are drawn and not answered. */
  readonly values: readonly ValueId[];
}

/**
 * Every act-now position that a start reaches, and what is missing there: a timing read, or a late or an early answer (MODEL §2);
 * an empty list = nothing. A timing value is late (early) when its name or id says so.
 */
export function findActNow(tree: TreeDocument): LateBranch[] {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  return tree.positions.flatMap((position): LateBranch[] => {
    if (position.tempo !== 'actNow' || position.ends || !reachable.has(position.id)) return [];
    const timing = position.reads.filter((read) => read.kind === 'timing');
    if (timing.length === 0) return [{ position: position.id, missing: 'noTiming', values: [] }];
    const options = ownerOptions(index, position.id);
    const isAnswered = (readId: string, value: ValueId): boolean => options.some((transition) => names(transition, readId, value));
    const values = timing.flatMap((read) => read.values.filter((value) => !isAnswered(read.id, value.id)).map((value) => value.id));
    const missing = (['late', 'early'] as const).filter((word) => {
      const said = timing.flatMap((read) =>
        read.values
          .filter((value) => new RegExp(`\\b${word}\\b`, 'i').test(`${value.name} ${value.id.replaceAll('-', ' ')}`))
          .map((value) => ({ read: read.id, value: value.id })),
      );
      return !said.some(({ read, value }) => isAnswered(read, value));
    });
    return [{ position: position.id, missing, values }];
  });
}

/** The act-now positions at which something is missing. */
export const findLateBranches = (tree: TreeDocument): LateBranch[] => findActNow(tree).filter(({ missing }) => missing.length > 0);
