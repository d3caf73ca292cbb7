import type { TransitionId } from '../../tree';
import { pairsIn } from '../pairs/pairs';
import type { Known } from '../propose/candidates';
import type { UnitSpec } from '../units/spec';
import type { DrillUnit } from '../units/units';
import { daysBetween, FORGETTING, stalenessAfter, type Forgetting } from './staleness';

/** How far a unit came: as planned · begun · left out. */
export const WENT = ['well', 'partly', 'not'] as const;
export type Went = (typeof WENT)[number];

/** A class that was held: written down once, never changed. */
export interface HeldClass {
  readonly id: string;
  readonly tree: string;
  /** The class that was planned; null = none was. */
  readonly class: string | null;
  readonly name: string;
  /** 'YYYY-MM-DD'. */
  readonly date: string;
  /** Athletes who came, by id; [] = nobody was named. */
  readonly came: readonly string[];
  readonly people: number;
  readonly units: readonly {
    readonly unit: UnitSpec;
    /** The owner's moves of it, as they were then. */
    readonly moves: readonly TransitionId[];
    readonly went: Went;
  }[];
  /** Who worked with whom, unit by unit; absent = it was not known. */
  readonly pairs?: readonly (readonly (readonly string[])[])[] | undefined;
  readonly mistakes: readonly { readonly transition: TransitionId; readonly error: string; readonly athlete?: string | undefined }[];
}

/** A session of a move: when, for whom, and whether it went as planned. */
interface Session {
  readonly date: string;
  readonly came: ReadonlySet<string>;
  readonly isGood: boolean;
}
function sessionsOf(held: readonly HeldClass[], day: string): ReadonlyMap<TransitionId, readonly Session[]> {
  const sessions = new Map<TransitionId, Session[]>();
  for (const { date, came, units } of held) {
    if (date > day) continue;
    const good = new Map<TransitionId, boolean>();
    for (const { moves, went } of units)
      if (went !== 'not') for (const id of moves) good.set(id, (good.get(id) ?? false) || went === 'well');
    for (const [id, isGood] of good) sessions.set(id, [...(sessions.get(id) ?? []), { date, came: new Set(came), isGood }]);
  }
  return sessions;
}
const byDate = (a: Session, b: Session): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0);

/** Days after which a mistake is no longer this week's. */
const LATELY_DAYS = 7;

/**
 * What those who are expected know on a day (MODEL §5, staleness): of each its own sessions, the group's is their mean. Where nobody is
 * named, every class counts for all.
 */
export function knownOn(held: readonly HeldClass[], day: string, expected: readonly string[], forgetting: Forgetting = FORGETTING): Known {
  const sessions = sessionsOf(held, day);
  const all = expected.length > 0 ? expected : [null];
  const seenBy = (id: TransitionId, athlete: string | null): Session[] =>
    (sessions.get(id) ?? []).filter(({ came }) => athlete === null || came.size === 0 || came.has(athlete)).toSorted(byDate);
  const mean = (of: (sessionsSeen: readonly Session[]) => number) => (id: TransitionId) =>
    all.reduce((sum, athlete) => sum + of(seenBy(id, athlete)), 0) / all.length;
  const counts = new Map<TransitionId, number>();
  for (const { date, mistakes } of held)
    if (date <= day && daysBetween(date, day) <= LATELY_DAYS)
      for (const { transition } of mistakes) counts.set(transition, (counts.get(transition) ?? 0) + 1);
  return {
    staleness: mean((seen) => {
      const good = seen.filter(({ isGood }) => isGood).length;
      // What was begun and never went well is as new as before.
      return good === 0 ? 1 : stalenessAfter(daysBetween(seen.at(-1)!.date, day), good, forgetting);
    }),
    taughtTo: mean((seen) => (seen.length > 0 ? 1 : 0)),
    mistakes: (id) => counts.get(id) ?? 0,
  };
}

/** Of those who are expected on a day, how many good sessions of a move they had, with the share of them in [0, 1] who had so many. */
export function goodSessionsOn(
  held: readonly HeldClass[],
  day: string,
  expected: readonly string[],
): (id: TransitionId) => readonly { readonly times: number; readonly share: number }[] {
  const sessions = sessionsOf(held, day);
  const all = expected.length > 0 ? expected : [null];
  return (id) => {
    const shares = new Map<number, number>();
    for (const athlete of all) {
      const seen = sessions.get(id) ?? [];
      const times = seen.filter(({ isGood, came }) => isGood && (athlete === null || came.size === 0 || came.has(athlete))).length;
      shares.set(times, (shares.get(times) ?? 0) + 1 / all.length);
    }
    return [...shares].map(([times, share]) => ({ times, share }));
  };
}

/** Weeks after which a meeting no longer counts. */
const MEETING_DAYS = 21;
/** How often two have worked together in the classes of the weeks before a day, by `metKey`. */
export function meetingsBefore(held: readonly HeldClass[], day: string): ReadonlyMap<string, number> {
  const met = new Map<string, number>();
  for (const { date, pairs = [] } of held) {
    const days = daysBetween(date, day);
    if (days <= 0 || days > MEETING_DAYS) continue;
    for (const group of pairs.flat()) for (const key of pairsIn(group)) met.set(key, (met.get(key) ?? 0) + 1);
  }
  return met;
}

export interface Stale {
  readonly transition: TransitionId;
  /** How much of it is gone, in [0, 1]. */
  readonly staleness: number;
  /** Sessions in which it was taught, and the last of them. */
  readonly times: number;
  readonly last: string;
}
/** Moves that were taught, what has gone most first; those of which less than half is gone are none. */
export function staleOn(held: readonly HeldClass[], day: string, forgetting: Forgetting = FORGETTING): Stale[] {
  const { staleness } = knownOn(held, day, [], forgetting);
  return [...sessionsOf(held, day)]
    .map(([transition, seen]) => ({
      ...{ transition, staleness: staleness(transition), times: seen.length },
      last: seen.toSorted(byDate).at(-1)!.date,
    }))
    .filter((item) => item.staleness >= 0.5)
    .toSorted((a, b) => b.staleness - a.staleness || (a.last < b.last ? -1 : 1));
}

export interface Recurring {
  readonly transition: TransitionId;
  readonly error: string;
  readonly count: number;
  readonly last: string;
}
/** Mistakes seen more than once, most often first; of one athlete, or of all. */
export function recurringMistakes(held: readonly HeldClass[], athlete: string | null = null): Recurring[] {
  const found = new Map<string, Recurring>();
  for (const { date, mistakes } of held)
    for (const { transition, error, athlete: of } of mistakes) {
      if (athlete !== null && of !== athlete) continue;
      const key = JSON.stringify([transition, error]);
      const before = found.get(key);
      found.set(key, { transition, error, count: (before?.count ?? 0) + 1, last: before && before.last > date ? before.last : date });
    }
  return [...found.values()].filter(({ count }) => count > 1).toSorted((a, b) => b.count - a.count || (a.last < b.last ? 1 : -1));
}

/** What somebody has missed: moves taught while he was away, latest first. */
export function missedBy(held: readonly HeldClass[], athlete: string): { readonly transition: TransitionId; readonly date: string }[] {
  const seen = new Set<TransitionId>();
  const missed = new Map<TransitionId, string>();
  for (const { date, came, units } of held.toSorted((a, b) => (a.date < b.date ? -1 : 1)))
    for (const { moves, went } of units)
      if (went !== 'not' && came.length > 0)
        for (const id of moves)
          if (came.includes(athlete)) seen.add(id);
          else missed.set(id, date);
  return [...missed]
    .filter(([id]) => !seen.has(id))
    .map(([transition, date]) => ({ transition, date }))
    .toReversed();
}

/** Two thirds of them have been taught every move of it: they know it (MODEL §5, order). */
const KNOWN_TO = 2 / 3;
/** Keys of units that those who come know already; a round is nothing that is known. */
export const knownUnits = (units: readonly DrillUnit[], { taughtTo }: Known): ReadonlySet<string> =>
  new Set(
    units
      .filter(({ transitions, kind }) => kind !== 'round' && transitions.length > 0 && transitions.every((id) => taughtTo(id) >= KNOWN_TO))
      .map(({ key }) => key),
  );
