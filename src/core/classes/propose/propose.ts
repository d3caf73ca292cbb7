import type { ClassSettings } from '../clock/time';
import type { DrillUnit } from '../units/units';
import type { Candidate, Once } from './candidates';
import type { PositionId } from '../../tree';
import { aboutIn, programmeOf, type Wanted } from './model';
import type { Solve } from './programme';
import { leftOutOf, type LeftOut } from './leftOut';
import { inRhythm } from './rhythm';
import { stretched } from './stretch';
import { isForTable, solveByTable } from './table';

/** Why a unit is in. */
export interface Chosen {
  readonly unit: DrillUnit;
  readonly minutes: number;
  /** Points of V in [0, 1] of its practice. */
  readonly benefit: number;
  readonly once: readonly Once[];
  readonly isNew: boolean;
  readonly staleness: number;
  readonly isMust: boolean;
  /** Keys of units of the class that build on it. */
  readonly neededBy: readonly string[];
}
export type GivenUp = 'theme' | 'place' | 'shape' | 'musts';
export interface Proposal {
  /** The place that the class is about; null = several. */
  readonly about: PositionId | null;
  /** In the order of the class. */
  readonly chosen: readonly Chosen[];
  readonly minutes: number;
  /** Points of V in [0, 1]. */
  readonly worth: number;
  /** How much more can be had at most, as a share of it; 0 = none can. */
  readonly gap: number;
  readonly leftOut: readonly LeftOut[];
  /** What could not be met. */
  readonly givenUp: readonly GivenUp[];
  /** Musts that are not in. */
  readonly without: readonly string[];
  /** Minutes of units that all musts would need; null = all are in, or no slot would do. */
  readonly needs: number | null;
}
export interface Impossible {
  readonly impossible: 'time' | 'nothing';
  /** Minutes for units that would do. */
  readonly needs: number | null;
}

const MOST_ORDERS = 12;

async function solved(candidates: readonly Candidate[], wanted: Wanted, solve: Solve) {
  const isHard = new Map(candidates.map((item) => [item.unit.key, item.isHard]));
  const cuts: ReadonlySet<string>[] = [];
  for (let tries = 0; tries < MOST_ORDERS; tries++) {
    const programme = programmeOf(candidates, { ...wanted, cuts });
    const asked = { ...wanted, cuts };
    const { status, chosen, bound } = isForTable(candidates, asked) ? solveByTable(candidates, asked) : await solve(programme);
    const units = chosen.filter((i) => i < candidates.length).map((i) => candidates[i]!);
    if (status === 'impossible' || units.length === 0) return null;
    const order = inRhythm(
      units.map(({ unit }) => unit),
      (unit) => isHard.get(unit.key)!,
      wanted.hardInARow,
    );
    const value = chosen.reduce((sum, i) => sum + programme.worth[i]!, 0);
    if (order)
      return {
        chosen: order.map((unit) => units.find((item) => item.unit === unit)!),
        value,
        bound,
        about: aboutIn(wanted, programme.worth.length, chosen),
      };
    cuts.push(new Set(units.map(({ unit }) => unit.key)));
  }
  return null;
}

/** With theme, place, shape and musts given up one after the other (MODEL §5, impossible); of musts as few as can be. */
function attempts(wanted: Wanted): { wanted: Wanted; givenUp: GivenUp[] }[] {
  const steps: readonly (readonly [GivenUp, boolean, Partial<Wanted>])[] = [
    ['theme', wanted.theme !== null, { theme: null }],
    ['place', wanted.places !== null, { places: null }],
    ['shape', wanted.shape !== null, { shape: null }],
    ['musts', wanted.musts.length > 0, { areMustsSoft: true }],
  ];
  const list: { wanted: Wanted; givenUp: GivenUp[] }[] = [{ wanted, givenUp: [] }];
  for (const [what, isAsked, without] of steps) {
    const last = list.at(-1)!;
    if (isAsked) list.push({ wanted: { ...last.wanted, ...without }, givenUp: [...last.givenUp, what] });
  }
  return list;
}

/** Minutes that the musts, with what they build on, would need. */
function needed(candidates: readonly Candidate[], wanted: Wanted): number | null {
  const shortest = new Map<string, Candidate>();
  for (const item of candidates) {
    const before = shortest.get(item.unit.key);
    if (!before || item.minutes < before.minutes) shortest.set(item.unit.key, item);
  }
  if (wanted.musts.length === 0) return Math.min(...[...shortest.values()].map(({ minutes }) => minutes));
  const all = new Set<string>();
  const stack = [...wanted.musts];
  for (let key = stack.pop(); key !== undefined; key = stack.pop()) {
    if (all.has(key) || wanted.known.has(key)) continue;
    const item = shortest.get(key);
    if (!item || wanted.mustNots.includes(key)) return null;
    all.add(key);
    stack.push(...item.unit.prerequisites);
  }
  return [...all].reduce((sum, key) => sum + shortest.get(key)!.minutes, 0);
}

/**
 * The best class for these candidates (MODEL §5): exact with respect to the programme, then what is left of the slot by quarters. What
 * cannot be met is given up in the order of MODEL and named.
 */
export async function propose(
  candidates: readonly Candidate[],
  settings: ClassSettings,
  wanted: Wanted,
  solve: Solve,
): Promise<Proposal | Impossible> {
  if (candidates.length === 0) return { impossible: 'nothing', needs: null };
  const usual = new Map(candidates.filter(({ isShort }) => !isShort).map((item) => [item.unit.key, item]));
  for (const attempt of attempts(wanted)) {
    const found = await solved(candidates, attempt.wanted, solve);
    if (!found) continue;
    const long = stretched(found.chosen, usual, settings, wanted.minutes);
    const minutes = long.reduce((sum, item) => sum + item.minutes, 0);
    const keys = new Set(long.map(({ unit }) => unit.key));
    const once = new Map(long.flatMap((item) => item.once).map((gain) => [gain.key, gain.worth]));
    const worth = long.reduce((sum, { benefit }) => sum + benefit, 0) + [...once.values()].reduce((sum, item) => sum + item, 0);
    const without = wanted.musts.filter((key) => !keys.has(key));
    const needs = without.length > 0 ? needed(candidates, wanted) : null;
    return {
      about: found.about,
      chosen: long.map((item): Chosen => ({
        ...{ unit: item.unit, minutes: item.minutes, benefit: item.benefit, once: item.once, isNew: item.isNew, staleness: item.staleness },
        isMust: wanted.musts.includes(item.unit.key),
        neededBy: long.flatMap(({ unit }) => (unit.prerequisites.includes(item.unit.key) ? [unit.key] : [])),
      })),
      minutes,
      worth,
      gap: worth <= 0 ? 0 : Math.max(0, (found.bound - found.value) / (worth * 100)),
      leftOut: leftOutOf(candidates, long, attempt.wanted, wanted.minutes - minutes),
      givenUp: attempt.givenUp,
      without,
      needs: needs !== null && needs > wanted.minutes ? needs : null,
    };
  }
  const needs = needed(candidates, wanted);
  return { impossible: needs !== null && needs > wanted.minutes ? 'time' : 'nothing', needs };
}

/** What a second class may not repeat: the minutes of the first. */
export const unlike = ({ chosen }: Proposal): ReadonlyMap<string, number> =>
  new Map(chosen.map(({ unit, minutes }) => [unit.key, minutes]));
