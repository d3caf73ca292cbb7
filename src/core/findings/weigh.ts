import { type Odds } from '../odds';
import { indexOf, type PositionId, type ReadId, type TreeDocument, type ValueId, sharesOf } from '../tree';
import type { Finding } from './finding';

/** Expected exchanges at each place in a round, over all starts alike; where nothing comes from a start it is 0. */
export type Visits = ReadonlyMap<PositionId, number>;

export function visitsOf(odds: Pick<Odds, 'starts'>): Visits {
  const visits = new Map<PositionId, number>();
  for (const start of odds.starts)
    for (const { position, visits: count } of start.visits) visits.set(position, (visits.get(position) ?? 0) + count / odds.starts.length);
  return visits;
}

/** How often a value is shown when the place is, in [0, 1]; 0 = there is no such value. */
export function shareAt(tree: TreeDocument, position: PositionId, read: ReadId, value: ValueId): number {
  const found = indexOf(tree)
    .positions.get(position)
    ?.reads.find(({ id }) => id === read);
  return (found && sharesOf(found).find((item) => item.value === value)?.share) ?? 0;
}

/** How often the trouble is met in a round: the share of what he shows × the expected exchanges there. */
export function weightOf(tree: TreeDocument, finding: Finding, visits: Visits): number {
  const there = visits.get(finding.position) ?? 0;
  return finding.kind === 'unanswered' ? shareAt(tree, finding.position, finding.read, finding.value) * there : there;
}

/**
 * Findings in the order in which they matter: kinds as they are told, the coach's own before what came from the catalogue and is
 * not confirmed, then by how often they are met; document order where that is the same.
 */
export function byWeight(tree: TreeDocument, list: readonly Finding[], visits: Visits): Finding[] {
  const { positions } = indexOf(tree);
  const kinds = [...new Set(list.map(({ kind }) => kind))];
  return list
    .map((finding) => ({
      finding,
      kind: kinds.indexOf(finding.kind),
      foreign: positions.get(finding.position)?.fromCatalogue === undefined ? 0 : 1,
      weight: weightOf(tree, finding, visits),
    }))
    .sort((a, b) => a.kind - b.kind || a.foreign - b.foreign || b.weight - a.weight)
    .map(({ finding }) => finding);
}
