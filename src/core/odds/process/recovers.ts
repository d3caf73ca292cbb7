import { indexOf, landingsOf, type Transition, type TreeDocument } from '../../tree';

const leadsTo = (transition: Transition): string[] => [
  ...landingsOf(transition),
  ...(transition.onFail === undefined ? [] : [transition.onFail]),
];

/**
 * Where he gets his guard back from each position, as numbers of positions in document order (MODEL §4, *recovers*): the start,
 * none that is an ending, from which it is reached over the fewest steps of either athlete, announced ones and those out of
 * endings too; ties to the earlier start. A start, and what no start reaches, recovers to itself.
 * Breadth first, one layer after another; O(positions + transitions).
 */
export function recoversTo(tree: TreeDocument): Int32Array {
  const { positions, from } = indexOf(tree);
  const numberOf = new Map(tree.positions.map(({ id }, i) => [id, i]));
  const starts = [...new Set(tree.starts.map(({ position }) => position))].filter((id) => positions.get(id)?.ends === undefined);
  const found = Int32Array.from(tree.positions, (_, i) => i);
  // Which start reached a position, by its place in the list; the earlier wins within a layer.
  const reachedBy = new Map(starts.map((id, rank) => [id, rank]));
  let layer = new Map(reachedBy);
  while (layer.size > 0) {
    const next = new Map<string, number>();
    for (const [id, rank] of layer)
      for (const transition of from.get(id) ?? [])
        for (const to of leadsTo(transition)) if (!reachedBy.has(to)) next.set(to, Math.min(rank, next.get(to) ?? Infinity));
    for (const [id, rank] of next) reachedBy.set(id, rank);
    layer = next;
  }
  for (const [id, rank] of reachedBy) found[numberOf.get(id)!] = numberOf.get(starts[rank]!)!;
  return found;
}
