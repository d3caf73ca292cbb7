import type { Athlete, Group } from './people';

/** What a level is called where no rule card of the gym has words of its own, least first. */
export const LEVELS = ['newcomer', 'beginner', 'intermediate', 'advanced'] as const;
/** Rank of a level among words, least first; who says none, or one that is not among them, stands in the middle. */
export function levelRank(level: string | undefined, levels: readonly string[] = LEVELS): number {
  const at = level === undefined ? -1 : levels.findIndex((word) => word.toLowerCase() === level.toLowerCase());
  return at < 0 ? (levels.length - 1) / 2 : at;
}
export const isNewcomer = ({ level }: Athlete): boolean => levelRank(level) === 0;

export const ADULT = 18;
/** Under age where the gym says so; who says no age counts as an adult. */
export const isMinor = ({ age }: Athlete, adult: number): boolean => age !== undefined && age < adult;

/** Must not do what a limit names: "feeder only" · "no neck", "no inversions": the word after "no". */
export const feedsOnly = ({ limits = [] }: Athlete): boolean => limits.some((limit) => /feeder only/i.test(limit));
/** Words of what is barred to somebody, without the ending that makes them many: "neck", "inversion". */
export const barredWords = ({ limits = [] }: Athlete): string[] =>
  limits.flatMap((limit) => /^no\s+(\S.*)$/i.exec(limit.trim())?.[1]?.toLowerCase().replace(/s$/, '') ?? []);

export const isAway = ({ absences = [] }: Athlete, day: string | undefined): boolean =>
  day !== undefined && absences.some(({ from, to }) => from <= day && day <= to);

/** Who is expected: members who are not away that day nor stay away, and guests, in the order of the gym. */
export function expectedAt(
  athletes: readonly Athlete[],
  group: Group | undefined,
  {
    date,
    away = [],
    guests = [],
  }: { date?: string | undefined; away?: readonly string[] | undefined; guests?: readonly string[] | undefined },
): Athlete[] {
  const comes = new Set([...(group?.members ?? []), ...guests]);
  return athletes.filter((athlete) => comes.has(athlete.id) && !away.includes(athlete.id) && !isAway(athlete, date));
}
