import { product } from '../base';
import { type Position, type Read, type ReadId, type Transition, type ValueId, namedAt } from '../tree';

/** The implicit value of an open reaction read: he does nothing special. */
export const NOTHING_SPECIAL = null;
type Shown = ValueId | typeof NOTHING_SPECIAL;

/** Values that no transition tells apart, taken together; `share` in [0, 1] sums to 1 over a read. */
export interface ShownGroup {
  readonly read: ReadId;
  readonly values: readonly Shown[];
  readonly share: number;
}
/** One combination of a position's read values with its chance. */
export interface Show {
  readonly groups: readonly ShownGroup[];
  readonly share: number;
}

/** Combinations computed one by one; beyond this the heaviest are kept and the result is `bounded`. */
export const SHOW_LIMIT = 64;

/**
 * The chance of each value of a read (MODEL §4). A missing share is an equal part, *nothing special* counted.
 * Open reaction: the rest up to 1 belongs to nothing special, above 1 the drawn ones are scaled. Others are normalised; all 0 = equal.
 */
export function sharesOf(read: Read): { value: Shown; share: number }[] {
  const open = read.kind === 'reaction' && !read.closed;
  const explicitNone = open ? read.values.find((value) => value.kind === 'none') : undefined;
  const implicit = open && !explicitNone;
  const equal = 1 / (read.values.length + (implicit ? 1 : 0));
  if (!open) return normalised(read.values.map((value) => ({ value: value.id, share: value.share ?? equal })));
  const drawn = read.values
    .filter((value) => value !== explicitNone)
    .map((value) => ({ value: value.id as Shown, share: value.share ?? equal }));
  const sum = drawn.reduce((total, item) => total + item.share, 0);
  if (explicitNone?.share !== undefined) return normalised([...drawn, { value: explicitNone.id, share: explicitNone.share }]);
  const scaled = sum > 1 ? drawn.map((item) => ({ ...item, share: item.share / sum })) : drawn;
  return [...scaled, { value: explicitNone ? explicitNone.id : NOTHING_SPECIAL, share: Math.max(0, 1 - sum) }];
}

function normalised<T extends { share: number }>(items: readonly T[]): T[] {
  const sum = items.reduce((total, item) => total + item.share, 0);
  return items.map((item) => ({ ...item, share: sum > 0 ? item.share / sum : 1 / items.length }));
}

/** What a transition makes of a value: whether it names it, is stopped by it, and where success leads then. */
function marksOf({ when, stoppedBy, outcomes }: Transition, read: ReadId, value: ValueId): string {
  const led = outcomes?.findIndex(({ ifShown }) => ifShown.includes(value)) ?? -1;
  return `${namedAt(when, read).includes(value) ? 1 : 0}${stoppedBy?.includes(value) ? 1 : 0}${led}`;
}

function groupsOf(read: Read, transitions: readonly Transition[]): ShownGroup[] {
  const groups = new Map<string, ShownGroup>();
  for (const { value, share } of sharesOf(read)) {
    const marks = value === NOTHING_SPECIAL ? 'nothing' : transitions.map((t) => marksOf(t, read.id, value)).join();
    const known = groups.get(marks);
    groups.set(marks, { read: read.id, values: [...(known?.values ?? []), value], share: (known?.share ?? 0) + share });
  }
  return [...groups.values()].filter((group) => group.share > 0);
}

/**
 * Every combination shown at a position, merged where no transition out of it tells values apart.
 * `missing` is the chance of what was left out above the limit (0 = exact). No reads = one empty show.
 */
export function showsOf(position: Position, transitions: readonly Transition[]): { shows: Show[]; missing: number } {
  const reads = position.reads.filter((read) => read.values.length > 0).map((read) => groupsOf(read, transitions));
  const heaviest: Show[] = [];
  let built = 0;
  for (const groups of product(reads)) {
    if (++built > SHOW_LIMIT * SHOW_LIMIT * SHOW_LIMIT) break;
    heaviest.push({ groups, share: groups.reduce((share, group) => share * group.share, 1) });
  }
  if (heaviest.length <= SHOW_LIMIT) return { shows: heaviest, missing: 0 };
  const kept = heaviest.toSorted((a, b) => b.share - a.share).slice(0, SHOW_LIMIT);
  return { shows: kept, missing: Math.max(0, 1 - kept.reduce((sum, show) => sum + show.share, 0)) };
}
