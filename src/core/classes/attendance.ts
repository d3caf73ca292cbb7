import { ADULT, expectedAt, isMinor, type Athlete, type GymBook } from '../people';
import type { ClassSettings } from './clock/time';

/** What a class says of who comes to it. */
export interface Attended {
  readonly group?: string | undefined;
  readonly date?: string | undefined;
  readonly away?: readonly string[] | undefined;
  readonly guests?: readonly string[] | undefined;
}

/** An athlete who is expected, under age as the gym has it. */
export interface Expected extends Athlete {
  readonly isMinor: boolean;
}

export const expectedOf = (athlete: Athlete, adult = ADULT): Expected => ({ ...athlete, isMinor: isMinor(athlete, adult) });

/** Minors work with minors, so each odd number makes a three of its own; one alone makes none. A named adult makes minors even. */
const threesAmong = (athletes: readonly Expected[]): number => {
  const young = athletes.filter(({ isMinor }) => isMinor).length;
  const isNamed = athletes.some(({ isMinor, withMinors }) => !isMinor && withMinors === true);
  const minors = young + (young % 2 === 1 && isNamed ? 1 : 0);
  return [minors, athletes.length - minors].filter((count) => count % 2 === 1 && count > 1).length;
};

/** Who is expected at a class, and its clock for them; without a group, or with one person, the number that was typed counts. */
export function attendance<P extends ClassSettings & Attended>(
  plan: P,
  { athletes, groups = [], settings }: Pick<GymBook, 'athletes' | 'groups' | 'settings'>,
): { expected: Expected[]; plan: P } {
  const group = groups.find(({ id }) => id === plan.group);
  const expected = (group ? expectedAt(athletes, group, plan) : []).map((athlete) => expectedOf(athlete, settings?.adultAge));
  return {
    expected,
    plan: expected.length < 2 ? plan : { ...plan, people: expected.length, threes: threesAmong(expected) },
  };
}
