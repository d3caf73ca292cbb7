import type { DrillUnit } from './units';

export interface ClassSettings {
  readonly slotMinutes: number;
  readonly people: number;
  readonly bothSides: boolean;
  readonly warmUpMinutes: number;
  readonly debriefMinutes: number;
  readonly changeOverMinutes: number;
}

/** Partners who take turns in one group: two, or three where an odd number makes one group a three and all wait for it. */
export const partnersOf = (settings: Pick<ClassSettings, 'people'>): 2 | 3 => (settings.people % 2 === 0 ? 2 : 3);

/** Minutes of one unit: showing it, then every partner's work, on both sides, and the change-over. */
export function unitMinutes(unit: Pick<DrillUnit, 'demonstrationMinutes' | 'workMinutes'>, settings: ClassSettings): number {
  const work = partnersOf(settings) * unit.workMinutes * (settings.bothSides ? 2 : 1);
  return unit.demonstrationMinutes + work + settings.changeOverMinutes;
}

export interface ClassTime {
  readonly totalMinutes: number;
  /** Positive = over the slot, negative = minutes free. */
  readonly overrunMinutes: number;
  readonly perUnit: ReadonlyMap<string, number>;
}

export function classTimeOf(units: readonly DrillUnit[], settings: ClassSettings): ClassTime {
  const perUnit = new Map(units.map((unit) => [unit.key, unitMinutes(unit, settings)]));
  const drilled = [...perUnit.values()].reduce((sum, minutes) => sum + minutes, 0);
  const totalMinutes = settings.warmUpMinutes + drilled + settings.debriefMinutes;
  return { totalMinutes, overrunMinutes: totalMinutes - settings.slotMinutes, perUnit };
}

export interface Drop {
  readonly keys: readonly string[];
  readonly minutes: number;
  /** `budget`: the search stopped early; a cheaper drop may exist. */
  readonly status: 'exact' | 'budget';
}

const TOLERANCE = 1e-9;
const DROP_STEPS = 400_000;

/**
 * The cheapest drop that makes the class fit: the fewest minutes (then the fewest units) whose removal fits without
 * breaking a prerequisite, so that what builds on a dropped unit is dropped with it. null when even all would not fit.
 * Branch and bound over the units in reverse order. Pre: prerequisites stand before what needs them.
 */
export function findDrop(units: readonly DrillUnit[], settings: ClassSettings): Drop | null {
  const { overrunMinutes, perUnit } = classTimeOf(units, settings);
  if (overrunMinutes <= TOLERANCE) return { keys: [], minutes: 0, status: 'exact' };
  const order = units.toReversed();
  const minutes = order.map((unit) => perUnit.get(unit.key)!);
  const rest = minutes.map((_, i) => minutes.slice(i).reduce((sum, item) => sum + item, 0));
  if (rest[0] === undefined || rest[0] < overrunMinutes - TOLERANCE) return null;
  let best = { minutes: Number.POSITIVE_INFINITY, dropped: [] as number[] };
  let steps = DROP_STEPS;
  // Depth-first over "drop" before "keep"; a kept unit keeps its prerequisites.
  const stack: { i: number; dropped: number[]; sum: number; needed: ReadonlySet<string> }[] = [
    { i: 0, dropped: [], sum: 0, needed: new Set() },
  ];
  while (stack.length > 0 && --steps > 0) {
    const { i, dropped, sum, needed } = stack.pop()!;
    if (sum >= overrunMinutes - TOLERANCE) {
      const fewer = Math.abs(sum - best.minutes) <= TOLERANCE && dropped.length < best.dropped.length;
      if (sum < best.minutes - TOLERANCE || fewer) best = { minutes: sum, dropped };
      continue;
    }
    if (i === order.length || sum + rest[i]! < overrunMinutes - TOLERANCE || sum > best.minutes + TOLERANCE) continue;
    const unit = order[i]!;
    stack.push({ i: i + 1, dropped, sum, needed: new Set([...needed, ...unit.prerequisites]) });
    if (!needed.has(unit.key)) stack.push({ i: i + 1, dropped: [...dropped, i], sum: sum + minutes[i]!, needed });
  }
  const keys = new Set(best.dropped.map((i) => order[i]!.key));
  return {
    keys: units.filter((unit) => keys.has(unit.key)).map((unit) => unit.key),
    minutes: best.minutes,
    status: steps > 0 ? 'exact' : 'budget',
  };
}

/** Everything that needs one of the given units, directly or not, and the units themselves. */
export function withDependents(units: readonly DrillUnit[], keys: Iterable<string>): ReadonlySet<string> {
  const gone = new Set(keys);
  for (const unit of units) if (unit.prerequisites.some((key) => gone.has(key))) gone.add(unit.key);
  return gone;
}
