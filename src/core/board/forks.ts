import { findValue, type Position, type PositionId, type Transition, type ValueId } from '../tree';

/** One of the places that a move leads to from a section of its rung. */
export interface Fork {
  readonly to: PositionId;
  /** What he has to show besides; empty = nothing. */
  readonly ifShown: readonly ValueId[];
}

/**
 * Where a move leads while a value is shown: to the outcome that names the value; where none does, to its usual landing, and to
 * those whose values belong to other reads and may be seen besides. `value` null = nothing special.
 */
export function forksOf(from: Position, { to, outcomes = [] }: Transition, value: ValueId | null): readonly Fork[] {
  const shown = value === null ? null : findValue(from, value);
  const isBeside = (id: ValueId): boolean => {
    const read = findValue(from, id)?.read;
    return read !== undefined && (shown ? read !== shown.read : read.kind !== 'reaction');
  };
  const forks: Fork[] = [];
  for (const outcome of outcomes) {
    // The first that fits counts: what stands behind it is not met.
    if (value !== null && outcome.ifShown.includes(value)) return [...forks, { to: outcome.to, ifShown: [] }];
    const beside = outcome.ifShown.filter(isBeside);
    if (beside.length > 0) forks.push({ to: outcome.to, ifShown: beside });
  }
  return [{ to, ifShown: [] }, ...forks];
}
