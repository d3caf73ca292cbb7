import type { TransitionId } from '../../tree';
import type { HeldClass } from './records';
import { unitKey, type UnitSpec } from '../units/spec';
import { daysBetween } from './staleness';

const DAY_MS = 86_400_000;
/** The day some days after another, both 'YYYY-MM-DD'. */
export const dayAfter = (day: string, days: number): string => new Date(Date.parse(day) + days * DAY_MS).toISOString().slice(0, 10);
/** 0 = Monday … 6 = Sunday. */
export const weekdayOf = (day: string): number => (new Date(Date.parse(day)).getUTCDay() + 6) % 7;

/** The evenings of some weeks from a day on, that day included, in order. */
export function courseDates(from: string, weekdays: readonly number[], weeks: number): string[] {
  return Array.from({ length: weeks * 7 }, (_, i) => dayAfter(from, i)).filter((day) => weekdays.includes(weekdayOf(day)));
}

/** A class that stands on a day, planned or held. */
export interface OnDay {
  readonly date: string;
  readonly units: readonly UnitSpec[];
}
/** Keys of units that came within so many days before or after: too soon to come again (MODEL §5, minimum gap). */
export function tooSoon(classes: readonly OnDay[], date: string, gapDays: number): ReadonlySet<string> {
  const near = classes.filter((item) => Math.abs(daysBetween(item.date, date)) < gapDays);
  return new Set(near.flatMap(({ units }) => units.map(unitKey)));
}

/** A planned class as if it had been held as planned: it counts as good until its day has come. */
export const asHeld = (
  { date, units }: OnDay,
  people: readonly string[],
  movesOf: (unit: UnitSpec) => readonly TransitionId[],
): HeldClass => ({
  ...{ id: `planned ${date}`, tree: '', class: null, name: '', date, came: people, people: people.length, mistakes: [] },
  units: units.map((unit) => ({ unit, moves: movesOf(unit), went: 'well' as const })),
});

/** How a planned class stands today: to come, held, or its day is over and nobody wrote it down. */
export type Standing = 'ahead' | 'held' | 'missed';
export function standingOf(id: string, date: string, held: readonly HeldClass[], today: string): Standing {
  if (held.some((item) => item.class === id && Math.abs(daysBetween(item.date, date)) <= 1)) return 'held';
  return date < today ? 'missed' : 'ahead';
}
