import { checkOrder, inOrder } from '../clock/order';
import { unitMinutes, type ClassSettings } from '../clock/time';
import type { DrillUnit } from '../units/units';
import type { Candidate, Once } from './candidates';
import type { PositionId } from '../../tree';
import { aboutIn, programmeOf, type Wanted } from './model';
import type { Solve } from './programme';
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
/** Why a unit that would bring much is not in. */
export interface LeftOut {
  readonly unit: DrillUnit;
  readonly benefit: number;
  readonly why: 'needs' | 'room' | 'new' | 'phase' | 'brings';
  /** Of `needs`: keys that would have to come with it; of `room`: its minutes. */
  readonly needs: readonly string[];
  readonly minutes: number;
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
}
export interface Impossible {
  readonly impossible: 'time' | 'nothing';
  /** Minutes for units that would do. */
  readonly needs: number | null;
}

const MOST_ORDERS = 12;
const LISTED = 5;

/** At most K hard units in a row in some order that keeps phases and prerequisites: the order, or null. */
function ordered(units: readonly DrillUnit[], isHard: (unit: DrillUnit) => boolean, k: number | null): DrillUnit[] | null {
  const list = inOrder(units);
  if (k === null) return list;
  const fits = (order: readonly DrillUnit[]): boolean => {
    let run = 0;
    return order.every((unit) => (run = isHard(unit) ? run + 1 : 0) <= k);
  };
  if (fits(list)) return list;
  const isBroken = (order: readonly DrillUnit[]): boolean =>
    checkOrder(order).some(({ kind }) => kind === 'brokenOrder' || kind === 'brokenPhase');
  // Few units: every order that keeps phases and prerequisites.
  const place = (order: readonly DrillUnit[], left: readonly DrillUnit[]): DrillUnit[] | null => {
    if (left.length === 0) return [...order];
    for (const unit of left) {
      const next = [...order, unit];
      if (!fits(next) || isBroken(next)) continue;
      const found = place(
        next,
        left.filter((item) => item !== unit),
      );
      if (found) return found;
    }
    return null;
  };
  return place([], list);
}

/** What is left of the slot goes by quarters to where a quarter more brings most, each unit up to its usual work and half as much again. */
function stretched(
  chosen: readonly Candidate[],
  usual: ReadonlyMap<string, Candidate>,
  settings: ClassSettings,
  minutes: number,
): Candidate[] {
  const list = [...chosen];
  let left = minutes - list.reduce((sum, item) => sum + item.minutes, 0);
  for (;;) {
    const options = list.flatMap((item, at) => {
      const { benefit, unit: whole } = usual.get(item.unit.key)!;
      const work = item.unit.workMinutes + 0.25;
      if (item.unit.kind === 'solo' || work > whole.workMinutes * 1.5) return [];
      const unit = { ...item.unit, workMinutes: work };
      const longer = { ...item, unit, minutes: unitMinutes(unit, settings), benefit: benefit * Math.sqrt(work / whole.workMinutes) };
      const more = longer.minutes - item.minutes;
      return more > left + 1e-9 ? [] : [{ at, longer, more, gain: (longer.benefit - item.benefit) / more }];
    });
    if (options.length === 0) return list;
    const best = options.reduce((a, b) => (b.gain > a.gain + 1e-15 ? b : a));
    list[best.at] = best.longer;
    left -= best.more;
  }
}

function leftOutOf(candidates: readonly Candidate[], chosen: readonly Candidate[], wanted: Wanted, left: number): LeftOut[] {
  const inClass = new Set(chosen.map(({ unit }) => unit.key));
  const news = chosen.filter(({ isNew }) => isNew).length;
  const rest = candidates.filter(({ unit, isShort }) => !isShort && !inClass.has(unit.key) && !wanted.mustNots.includes(unit.key));
  const brings = ({ benefit, once }: Candidate): number => once.reduce((sum, { worth }) => sum + worth, benefit);
  return rest
    .toSorted((a, b) => brings(b) - brings(a))
    .slice(0, LISTED)
    .map((item): LeftOut => {
      const { unit, minutes, isNew } = item;
      const needs = unit.prerequisites.filter((key) => !inClass.has(key) && !wanted.known.has(key));
      const inPhase = chosen.filter((other) => other.unit.phase === unit.phase).length;
      const most = wanted.shape?.phases[unit.phase]?.[1] ?? Infinity;
      const why =
        needs.length > 0
          ? 'needs'
          : isNew && wanted.mostNew !== null && news >= wanted.mostNew
            ? 'new'
            : inPhase >= most
              ? 'phase'
              : minutes > left + 1e-9
                ? 'room'
                : 'brings';
      return { unit, benefit: brings(item), why, needs, minutes };
    });
}

async function solved(candidates: readonly Candidate[], wanted: Wanted, solve: Solve) {
  const isHard = new Map(candidates.map((item) => [item.unit.key, item.isHard]));
  const cuts: ReadonlySet<string>[] = [];
  for (let tries = 0; tries < MOST_ORDERS; tries++) {
    const programme = programmeOf(candidates, { ...wanted, cuts });
    const asked = { ...wanted, cuts };
    const { status, chosen, bound } = isForTable(candidates, asked) ? solveByTable(candidates, asked) : await solve(programme);
    const units = chosen.filter((i) => i < candidates.length).map((i) => candidates[i]!);
    if (status === 'impossible' || units.length === 0) return null;
    const order = ordered(
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

/** With theme, shape and musts given up one after the other until a class exists (MODEL §5, impossible). */
function attempts(wanted: Wanted): { wanted: Wanted; givenUp: GivenUp[] }[] {
  const none = { ...wanted, theme: null, places: null };
  const all = [
    { wanted, givenUp: [] as GivenUp[] },
    { wanted: { ...wanted, theme: null }, givenUp: ['theme' as const] },
    { wanted: none, givenUp: ['theme' as const, 'place' as const] },
    { wanted: { ...none, shape: null }, givenUp: ['theme' as const, 'place' as const, 'shape' as const] },
  ];
  // The fewest musts out: all but one, then all but two; beyond that none is kept.
  const each = wanted.musts.map((must) => wanted.musts.filter((item) => item !== must));
  const pairs =
    wanted.musts.length <= 8 ? each.flatMap((kept, i) => kept.slice(i).map((second) => kept.filter((item) => item !== second))) : [];
  const fewer = [...each, ...pairs, ...(wanted.musts.length > 2 ? [[]] : [])];
  return [
    ...all
      .filter(({ givenUp }) => givenUp.length !== 1 || wanted.theme !== null)
      .filter(({ givenUp }) => givenUp.length !== 2 || wanted.places !== null),
    ...(wanted.musts.length > 0
      ? fewer.map((musts) => ({ wanted: { ...none, shape: null, musts }, givenUp: ['theme', 'place', 'shape', 'musts'] as GivenUp[] }))
      : []),
  ];
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
    return {
      about: found.about,
      chosen: long.map((item): Chosen => ({
        ...{ unit: item.unit, minutes: item.minutes, benefit: item.benefit, once: item.once, isNew: item.isNew, staleness: item.staleness },
        isMust: wanted.musts.includes(item.unit.key),
        neededBy: long.flatMap(({ unit }) => (unit.prerequisites.includes(item.unit.key) ? [unit.key] : [])),
      })),
      minutes,
      worth,
      gap: found.value <= 0 ? 0 : Math.max(0, (found.bound - found.value) / found.value),
      leftOut: leftOutOf(candidates, long, attempt.wanted, wanted.minutes - minutes),
      givenUp: attempt.givenUp.filter(
        (item) =>
          (item === 'theme' && wanted.theme !== null) ||
          (item === 'place' && wanted.places !== null) ||
          (item === 'shape' && wanted.shape !== null) ||
          (item === 'musts' && without.length > 0),
      ),
      without,
    };
  }
  const needs = needed(candidates, wanted);
  return { impossible: needs !== null && needs > wanted.minutes ? 'time' : 'nothing', needs };
}

/** What a second class may not repeat: the minutes of the first. */
export const unlike = ({ chosen }: Proposal): ReadonlyMap<string, number> =>
  new Map(chosen.map(({ unit, minutes }) => [unit.key, minutes]));
