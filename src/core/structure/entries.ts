import { breadthFirst } from '../graph';
import { familyFacts, graphOf, type PositionId, type TreeDocument } from '../tree';

export interface MissedHub {
  readonly hub: PositionId;
  /** Starts from which no moves of mine lead there, in the coach's order. */
  readonly starts: readonly PositionId[];
}

/** Hubs that some starts lead to and others do not: where an entry may be missing. In document order. */
export function findMissedHubs(tree: TreeDocument): MissedHub[] {
  const { previous, ids, numberOf } = graphOf(tree, { ownerOnly: true });
  const starts = [...new Set(tree.starts.map((start) => start.position))].filter((id) => numberOf.has(id));
  return tree.positions.flatMap(({ id, family }): MissedHub[] => {
    if (!familyFacts(family).isHub || starts.includes(id)) return [];
    const lead = new Set(breadthFirst(previous, [numberOf.get(id)!]).order.map((i) => ids[i]!));
    const missing = starts.filter((start) => !lead.has(start));
    return missing.length > 0 && missing.length < starts.length ? [{ hub: id, starts: missing }] : [];
  });
}
