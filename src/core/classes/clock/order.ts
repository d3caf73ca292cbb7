import { PHASES, type Phase } from '../units/spec';
import { resistanceOf, type DrillUnit, type Stage } from '../units/units';

/** All that the order of a class asks of a unit. */
export type Ordered = Pick<DrillUnit, 'key' | 'phase' | 'prerequisites'> & { readonly stages: readonly Pick<Stage, 'resistance'>[] };

/** What is wrong with the order or the resistance of a class. */
export type OrderFinding =
  /** It comes before what it builds on. */
  | { readonly kind: 'brokenOrder'; readonly key: string; readonly needs: string }
  /** What it builds on is neither in the class nor known to two thirds of those who come. */
  | { readonly kind: 'missingPrerequisite'; readonly key: string; readonly needs: string }
  | { readonly kind: 'brokenPhase'; readonly key: string; readonly after: string }
  | { readonly kind: 'circle'; readonly keys: readonly string[] }
  /** Against what it builds on; both in percent. */
  | { readonly kind: 'fall' | 'jump'; readonly key: string; readonly against: string; readonly from: number; readonly to: number }
  /** Between stages of one unit. */
  | { readonly kind: 'stageFall' | 'stageJump'; readonly key: string; readonly from: number; readonly to: number }
  | { readonly kind: 'overCap'; readonly key: string; readonly cap: number; readonly to: number };

export interface OrderAsked {
  /** Keys that two thirds of those who come have been taught. */
  readonly known?: ReadonlySet<string>;
  /** Points that resistance may rise by at once. */
  readonly limit?: number;
  /** The most resistance for the level of the group; null = none is set. */
  readonly cap?: number | null;
}
export const RISE_LIMIT = 15;

/** The keys of units that need one another in a circle, in the order of the class; [] = none do. */
export function findCircle(units: readonly Pick<Ordered, 'key' | 'prerequisites'>[]): string[] {
  let left = [...units];
  for (;;) {
    const keys = new Set(left.map(({ key }) => key));
    const inner = left.filter(({ prerequisites }) => prerequisites.some((need) => keys.has(need)));
    const needed = new Set(inner.flatMap(({ prerequisites }) => prerequisites));
    // What needs nothing that is left, and what nothing that is left needs, is in no circle.
    const next = inner.filter(({ key }) => needed.has(key));
    if (next.length === left.length) return left.map(({ key }) => key);
    left = next;
  }
}

function rises(units: readonly Ordered[], limit: number, cap: number | null): OrderFinding[] {
  const at = new Map(units.map((unit) => [unit.key, unit]));
  return units.flatMap((unit): OrderFinding[] => {
    const { key } = unit;
    const [, to] = resistanceOf(unit);
    const against = unit.prerequisites.flatMap((need): OrderFinding[] => {
      const before = at.get(need);
      if (!before) return [];
      const [, from] = resistanceOf(before);
      if (to < from) return [{ kind: 'fall', key, against: need, from, to }];
      // A round is live: that is no rise but another kind of work.
      return to - from > limit && unit.phase !== 'rounds' ? [{ kind: 'jump', key, against: need, from, to }] : [];
    });
    const within = unit.stages.slice(1).flatMap((stage, i): OrderFinding[] => {
      const [from, now] = [unit.stages[i]!.resistance[1], stage.resistance[1]];
      if (now < from) return [{ kind: 'stageFall', key, from, to: now }];
      return now - from > limit ? [{ kind: 'stageJump', key, from, to: now }] : [];
    });
    return [...against, ...within, ...(cap !== null && to > cap ? [{ kind: 'overCap' as const, key, cap, to }] : [])];
  });
}

/** What is wrong with the order of the units and with how resistance goes on (MODEL §5), in the order of the class. */
export function checkOrder(
  units: readonly Ordered[],
  { known = new Set(), limit = RISE_LIMIT, cap = null }: OrderAsked = {},
): OrderFinding[] {
  const at = new Map(units.map(({ key }, i) => [key, i]));
  const circle = findCircle(units);
  const inCircle = new Set(circle);
  const order = units.flatMap(({ key, prerequisites }, i): OrderFinding[] =>
    prerequisites.flatMap((needs): OrderFinding[] => {
      const where = at.get(needs);
      if (where === undefined) return known.has(needs) ? [] : [{ kind: 'missingPrerequisite', key, needs }];
      if (where < i || known.has(needs) || (inCircle.has(key) && inCircle.has(needs))) return [];
      return [{ kind: 'brokenOrder', key, needs }];
    }),
  );
  const rank = (phase: Phase): number => PHASES.indexOf(phase);
  const phases = units.flatMap((unit, i): OrderFinding[] => {
    const before = units.slice(0, i).find(({ phase }) => rank(phase) > rank(unit.phase));
    return before ? [{ kind: 'brokenPhase', key: unit.key, after: before.key }] : [];
  });
  return [...(circle.length > 0 ? [{ kind: 'circle' as const, keys: circle }] : []), ...order, ...phases, ...rises(units, limit, cap)];
}

/** The units as a class has them: phase by phase, what builds on another after it, else as they were given. */
export function inOrder<U extends Ordered>(units: readonly U[]): U[] {
  const rank = new Map(units.map(({ key, phase }) => [key, PHASES.indexOf(phase)]));
  const left = units.toSorted((a, b) => rank.get(a.key)! - rank.get(b.key)!);
  const ordered: U[] = [];
  while (left.length > 0) {
    const waiting = new Set(left.map(({ key }) => key));
    // In a circle nothing is free: the first goes first.
    const free = left.findIndex(({ prerequisites, key }) => !prerequisites.some((need) => need !== key && waiting.has(need)));
    ordered.push(...left.splice(Math.max(0, free), 1));
  }
  return ordered;
}
