/** What a set asks for: one of its alternatives, whole. */
type Alternatives = readonly (readonly string[])[];

/**
 * A smallest hitting set: of each set all items of one alternative, as few items as can be; of equals the first in order of
 * appearance. Branches on the first set that is not hit, bounded by the best so far; sets are few and small. Sets without an
 * alternative cannot be hit and are passed over.
 */
export function smallestHittingSet(sets: readonly Alternatives[]): string[] {
  const open = sets.filter((set) => set.length > 0);
  let best: string[] | null = null;
  const walk: string[][] = [[]];
  while (walk.length > 0) {
    const chosen = walk.pop()!;
    if (best && chosen.length >= best.length) continue;
    const missed = open.find((set) => !set.some((items) => items.every((item) => chosen.includes(item))));
    if (!missed) {
      best = chosen;
      continue;
    }
    // The last pushed is tried first, so the order of appearance decides between equals.
    for (const items of missed.toReversed()) walk.push([...new Set([...chosen, ...items])]);
  }
  return best ?? [];
}
