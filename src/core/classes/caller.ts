import type { Random } from '../base';

/** Chances of calls: in any ten calls each value comes within ⌈10 s − 1⌉ … ⌊10 s + 1⌋ (MODEL §5, feeder caller). */
const WINDOW = 10;
const least = (share: number): number => Math.max(0, Math.ceil(WINDOW * share - 1 - 1e-9));
const most = (share: number): number => (share === 0 ? 0 : Math.floor(WINDOW * share + 1 + 1e-9));

/** Whether a run of calls, at most ten, can stand or still be completed. Ten that stand can go on: by their first once more. */
function canStand(calls: readonly number[], shares: readonly number[]): boolean {
  const counts = shares.map((_, i) => calls.filter((call) => call === i).length);
  const missing = shares.reduce((sum, share, i) => sum + Math.max(0, least(share) - counts[i]!), 0);
  return counts.every((count, i) => count <= most(shares[i]!)) && missing <= WINDOW - calls.length;
}

/** The values that may be called next, by number: those that keep the last ten within bounds. */
export function allowedNext(calls: readonly number[], shares: readonly number[]): number[] {
  const last = calls.slice(-(WINDOW - 1));
  return shares.flatMap((share, i) => (share > 0 && canStand([...last, i], shares) ? [i] : []));
}

/**
 * Calls for the feeder, seeded: indices of `shares`, which add up to 1. Drawn with a chance proportional to what each lacks (its share
 * of the calls so far and the next, less its count; at least a tenth of its share), among those that keep the last ten within bounds.
 */
export function callFeeder(shares: readonly number[], count: number, random: Random): number[] {
  const calls: number[] = [];
  const counts = shares.map(() => 0);
  while (calls.length < count) {
    const allowed = allowedNext(calls, shares);
    const lacks = (i: number): number => Math.max(shares[i]! / 10, shares[i]! * (calls.length + 1) - counts[i]!);
    let left = random() * allowed.reduce((sum, i) => sum + lacks(i), 0);
    const chosen = allowed.find((i) => (left -= lacks(i)) < 0) ?? allowed.at(-1)!;
    calls.push(chosen);
    counts[chosen]!++;
  }
  return calls;
}
