import { classTimeOf, type ClassSettings, type Timed } from './time';

/** A unit that may be dropped: what must come before it, and what it brings. */
export interface Droppable extends Timed {
  readonly prerequisites: readonly string[];
  /** Any unit of measure; absent = 0. */
  readonly benefit?: number | undefined;
}
export interface Drop {
  readonly keys: readonly string[];
  readonly minutes: number;
  /** Other drops of the same minutes. */
  readonly others: readonly (readonly string[])[];
  /** Minutes over the slot that stay when all is dropped that may be; then `keys` are all of these. */
  readonly missing: number;
  /** `budget`: the search stopped early; a cheaper drop may exist. */
  readonly status: 'exact' | 'budget';
}

const TOLERANCE = 1e-9;
const STEPS = 60_000;
const MOST_OTHERS = 4;

/** For each unit, all that needs it, directly or not, itself too. */
function dependentsOf(units: readonly Droppable[]): Uint8Array[] {
  const at = new Map(units.map(({ key }, i) => [key, i]));
  const needs = units.map(({ prerequisites }) => prerequisites.flatMap((key) => at.get(key) ?? []));
  return units.map((_, start) => {
    const gone = new Uint8Array(units.length);
    gone[start] = 1;
    for (let grew = true; grew;) {
      grew = false;
      for (let i = 0; i < units.length; i++)
        if (gone[i] === 0 && needs[i]!.some((need) => gone[need] === 1)) {
          gone[i] = 1;
          grew = true;
        }
    }
    return gone;
  });
}

/** Everything that needs one of the given units, directly or not, and the units themselves. */
export function withDependents(units: readonly Droppable[], keys: Iterable<string>): ReadonlySet<string> {
  const wanted = new Set(keys);
  const all = dependentsOf(units);
  return new Set(units.filter((_, i) => units.some(({ key }, from) => wanted.has(key) && all[from]![i] === 1)).map(({ key }) => key));
}

interface Found {
  readonly dropped: Uint8Array;
  readonly minutes: number;
  readonly count: number;
  readonly benefit: number;
}
/** Whether a is cheaper than b: fewer minutes, then fewer units, then less benefit, then later in the order. */
function isCheaper(a: Found, b: Found): boolean {
  if (Math.abs(a.minutes - b.minutes) > TOLERANCE) return a.minutes < b.minutes;
  if (a.count !== b.count) return a.count < b.count;
  if (Math.abs(a.benefit - b.benefit) > TOLERANCE) return a.benefit < b.benefit;
  const first = a.dropped.findIndex((gone, i) => gone !== b.dropped[i]);
  return first >= 0 && a.dropped[first] === 0;
}

/**
 * The cheapest drop that makes the class fit (MODEL §5, overrun): what builds on a dropped unit goes with it, musts stay. Depth-first
 * over "drop" before "keep", bounded by minutes.
 */
export function findDrop(units: readonly Droppable[], settings: ClassSettings, musts: readonly string[] = []): Drop {
  const { overrunMinutes, perUnit } = classTimeOf(units, settings);
  const nothing: Drop = { keys: [], minutes: 0, others: [], missing: 0, status: 'exact' };
  if (overrunMinutes <= TOLERANCE) return nothing;
  const n = units.length;
  const minutes = units.map(({ key }) => perUnit.get(key)!);
  const dependents = dependentsOf(units);
  const isMust = new Set(musts);
  // Who has a must among his dependents stays, too.
  const stays = units.map((_, i) => units.some(({ key }, other) => isMust.has(key) && dependents[i]![other] === 1));
  const order = units.flatMap((_, i) => (stays[i] ? [] : [i])).toReversed();
  const mayGo = order.reduce((sum, i) => sum + minutes[i]!, 0);
  const keysOf = (dropped: Uint8Array): string[] => units.flatMap(({ key }, i) => (dropped[i] === 1 ? [key] : []));
  if (mayGo < overrunMinutes - TOLERANCE)
    return { ...nothing, keys: keysOf(Uint8Array.from(stays, (stay) => (stay ? 0 : 1))), minutes: mayGo, missing: overrunMinutes - mayGo };
  let best: Found | null = null;
  let same: Found[] = [];
  let steps = STEPS;
  const take = (found: Found): void => {
    if (best && found.minutes > best.minutes + TOLERANCE) return;
    if (!best || found.minutes < best.minutes - TOLERANCE) same = [];
    if (!best || isCheaper(found, best)) best = found;
    if (same.length < 50) same.push(found);
  };
  const kept = new Uint8Array(n);
  const search = (at: number, dropped: Uint8Array, sum: number): void => {
    if (--steps <= 0) return;
    if (sum >= overrunMinutes - TOLERANCE) {
      const count = dropped.reduce((total, gone) => total + gone, 0);
      const benefit = units.reduce((total, unit, i) => total + (dropped[i] === 1 ? (unit.benefit ?? 0) : 0), 0);
      return take({ dropped, minutes: sum, count, benefit });
    }
    if (best && sum > best.minutes + TOLERANCE) return;
    // No fewer minutes can be found: only as few units, or one more, are still of interest.
    if (best && best.minutes <= overrunMinutes + TOLERANCE && dropped.reduce((total, gone) => total + gone, 0) > best.count) return;
    let next = at;
    while (next < order.length && dropped[order[next]!] === 1) next++;
    if (next === order.length) return;
    const i = order[next]!;
    if (!dependents[i]!.some((gone, other) => gone === 1 && kept[other] === 1)) {
      const more = Uint8Array.from(dropped, (gone, other) => gone | dependents[i]![other]!);
      const added = minutes.reduce((total, item, other) => total + (more[other]! > dropped[other]! ? item : 0), 0);
      if (!best || sum + added <= best.minutes + TOLERANCE) search(next + 1, more, sum + added);
    }
    kept[i] = 1;
    const left = order.slice(next + 1).reduce((total, other) => total + (dropped[other] === 1 ? 0 : minutes[other]!), 0);
    if (sum + left >= overrunMinutes - TOLERANCE) search(next + 1, dropped, sum);
    kept[i] = 0;
  };
  search(0, new Uint8Array(n), 0);
  const found = best as Found | null;
  if (!found) return { ...nothing, missing: overrunMinutes, status: 'budget' };
  const others = same.filter((item) => item !== found && Math.abs(item.minutes - found.minutes) <= TOLERANCE);
  return {
    keys: keysOf(found.dropped),
    minutes: found.minutes,
    others: others.slice(0, MOST_OTHERS).map(({ dropped }) => keysOf(dropped)),
    missing: 0,
    status: steps > 0 ? 'exact' : 'budget',
  };
}
