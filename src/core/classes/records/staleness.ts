/** Half-life in days after the first good session, and how much each further one lengthens it. */
export interface Forgetting {
  readonly halfLifeDays: number;
  readonly growth: number;
}
export const FORGETTING: Forgetting = { halfLifeDays: 14, growth: 1.6 };
/** As the gym has it. */
export const forgettingOf = ({
  halfLifeDays = FORGETTING.halfLifeDays,
  growth = FORGETTING.growth,
}: Partial<Forgetting> = {}): Forgetting => ({
  halfLifeDays,
  growth,
});

/** How much of a move is gone, in [0, 1]: 1 − 2^(−days / half-life) after n good sessions; 1 = it was never taught. */
export function stalenessAfter(days: number, goodSessions: number, { halfLifeDays, growth }: Forgetting = FORGETTING): number {
  if (goodSessions === 0) return 1;
  return 1 - 2 ** (-Math.max(0, days) / (halfLifeDays * growth ** (goodSessions - 1)));
}

/** Days from one date to another, both 'YYYY-MM-DD'. */
export const daysBetween = (from: string, to: string): number => Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000);

/** Staleness on a day of what was taught on some days, all 'YYYY-MM-DD'; later sessions do not count. */
export function stalenessOn(day: string, taught: readonly string[], forgetting: Forgetting = FORGETTING): number {
  const before = taught.filter((date) => date <= day).toSorted();
  return before.length === 0 ? 1 : stalenessAfter(daysBetween(before.at(-1)!, day), before.length, forgetting);
}
