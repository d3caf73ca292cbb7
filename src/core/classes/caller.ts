import type { Random } from '../base';

/** Chances of calls: in any ten calls each value comes within ⌈10 s − 1⌉ … ⌊10 s + 1⌋ (MODEL §5, feeder caller). */
const WINDOW = 10;
const least = (share: number): number => Math.max(0, Math.ceil(WINDOW * share - 1 - 1e-9));
const most = (share: number): number => (share === 0 ? 0 : Math.floor(WINDOW * share + 1 + 1e-9));

/** Whether a run of calls (at most ten) can stand, or still be completed to ten that can. Ten that stand go on: by their first once more. */
function canStand(calls: readonly number[], shares: readonly number[]): boolean {
  const counts = shares.map((_, i) => calls.filter((call) => call === i).length);
  const missing = shares.reduce((sum, share, i) => sum + Math.max(0, least(share) - counts[i]!), 0);
  return counts.every((count, i) => count <= most(shares[i]!)) && missing <= WINDOW - calls.length;
}

/**
 * Calls for the feeder, seeded: indices of `shares`, which add up to 1. Drawn with a chance proportional to what each lacks (its share
 * of the calls so far and the next, less its count; at least a tenth of its share), among those that keep the last ten within bounds.
 */
export function callFeeder(shares: readonly number[], count: number, random: Random): number[] {
  const calls: number[] = [];
  const counts = shares.map(() => 0);
  while (calls.length < count) {
    const last = calls.slice(-(WINDOW - 1));
    const weights = shares.map((share, i) =>
      share === 0 || !canStand([...last, i], shares) ? 0 : Math.max(share / 10, share * (calls.length + 1) - counts[i]!),
    );
    const total = weights.reduce((sum, weight) => sum + weight, 0);
    let left = random() * total;
    let chosen = weights.findIndex((weight) => (left -= weight) < 0);
    if (chosen < 0) chosen = weights.findLastIndex((weight) => weight > 0);
    calls.push(chosen);
    counts[chosen]!++;
  }
  return calls;
}
