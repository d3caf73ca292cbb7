import { product } from '../../base';
import {
  namedAt,
  type Position,
  type Read,
  type ReadId,
  type Transition,
  type Value,
  isNothing,
  NOTHING_SPECIAL,
  sharesOf,
  type ShownValue,
} from '../../tree';

/** Values that no transition tells apart, taken together; `share` in [0, 1] sums to 1 over a read. */
export interface ShownGroup {
  readonly read: ReadId;
  readonly values: readonly ShownValue[];
  readonly share: number;
}
/** One combination of a position's read values with its chance. */
export interface Show {
  readonly groups: readonly ShownGroup[];
  readonly share: number;
}
/** What he shows, his part of a combination, with the moments (ours, not his) at which it can come. */
export interface Column {
  readonly groups: readonly ShownGroup[];
  /** w_d in [0, 1]. */
  readonly share: number;
  /** `share` is w_t in [0, 1] of the moment alone; together 1, less where some were left out. */
  readonly moments: readonly Show[];
}
export interface Shows {
  readonly columns: readonly Column[];
  /** Something was left out above the limit, though it may never be shown by habit. */
  readonly isBounded: boolean;
}

/** Combinations computed one by one; beyond this the heaviest are kept and the result is `bounded`. */
export const SHOW_LIMIT = 64;

/** What a transition makes of a value: whether it names it, is stopped by it, and where success leads then. */
function marksOf({ when, stoppedBy, outcomes }: Transition, read: ReadId, { id }: Value): string {
  const led = outcomes?.findIndex(({ ifShown }) => ifShown.includes(id)) ?? -1;
  return `${namedAt(when, read).includes(id) ? 1 : 0}${stoppedBy?.includes(id) ? 1 : 0}${led}`;
}

function groupsOf(read: Read, transitions: readonly Transition[]): ShownGroup[] {
  const groups = new Map<string, ShownGroup>();
  const values = new Map(read.values.map((value) => [value.id, value]));
  for (const { value: id, share } of sharesOf(read)) {
    const value = id === NOTHING_SPECIAL ? undefined : values.get(id);
    // Nothing special is merged with itself alone.
    const marks = value ? `${isNothing(value)} ${transitions.map((t) => marksOf(t, read.id, value)).join()}` : 'nothing';
    const known = groups.get(marks);
    groups.set(marks, { read: read.id, values: [...(known?.values ?? []), id], share: (known?.share ?? 0) + share });
  }
  return [...groups.values()];
}

const combined = (groups: readonly ShownGroup[]): Show => ({ groups, share: groups.reduce((share, group) => share * group.share, 1) });

/** The heaviest combinations, in their order; of more than a budget not all are looked at. */
function heaviest(reads: readonly (readonly ShownGroup[])[], limit: number): { kept: Show[]; isAll: boolean } {
  const all: Show[] = [];
  for (const groups of product(reads)) {
    if (all.length >= SHOW_LIMIT * SHOW_LIMIT * SHOW_LIMIT) return { kept: heaviestOf(all, limit), isAll: false };
    all.push(combined(groups));
  }
  return { kept: heaviestOf(all, limit), isAll: all.length <= limit };
}
const heaviestOf = (all: readonly Show[], limit: number): Show[] =>
  all.length <= limit ? [...all] : all.toSorted((a, b) => b.share - a.share).slice(0, limit);

/**
 * Every combination shown at a position, merged where no transition out of it tells values apart; his values as columns, the
 * moments within. What has no share is kept: who knows the game may show it. No reads = one empty show.
 */
export function showsOf({ reads: all }: Position, transitions: readonly Transition[]): Shows {
  const reads = all.filter((read) => read.values.length > 0);
  const groups = (timing: boolean) =>
    reads.filter((read) => (read.kind === 'timing') === timing).map((read) => groupsOf(read, transitions));
  const moments = heaviest(
    groups(true).map((list) => list.filter((group) => group.share > 0)),
    SHOW_LIMIT,
  );
  const his = heaviest(groups(false), Math.max(1, Math.floor(SHOW_LIMIT / moments.kept.length)));
  return { columns: his.kept.map((show) => ({ ...show, moments: moments.kept })), isBounded: !his.isAll || !moments.isAll };
}
