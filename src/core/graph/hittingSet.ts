/**
 * A smallest hitting set: one element of each set, as few as can be; of equals the first in order of appearance.
 * Branches on the first set that is not hit, bounded by the best so far; sets are few and small. Empty sets cannot be hit
 * and are passed over.
 */
export function smallestHittingSet(sets: readonly (readonly string[])[]): string[] {
  const open = sets.filter((set) => set.length > 0);
  let best: string[] | null = null;
  const walk: { chosen: string[] }[] = [{ chosen: [] }];
  while (walk.length > 0) {
    const { chosen } = walk.pop()!;
    if (best && chosen.length >= best.length) continue;
    const missed = open.find((set) => !set.some((item) => chosen.includes(item)));
    if (!missed) {
      best = chosen;
      continue;
    }
    // The last pushed is tried first, so the order of appearance decides between equals.
    for (const item of missed.toReversed()) walk.push({ chosen: [...chosen, item] });
  }
  return best ?? [];
}
