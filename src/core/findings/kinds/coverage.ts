import { perObject } from '../../base';
import { coverageAt, type Coverage } from '../../structure';
import { indexOf, reachablePositions, type TreeDocument } from '../../tree';

/** Coverage of the positions that a start leads to, made once for the kinds that speak of it. */
export const reachableCoverage = perObject((tree: TreeDocument): readonly Coverage[] => {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  return tree.positions.filter(({ id }) => reachable.has(id)).map((position) => coverageAt(index, position));
});
/** There are more combinations than were looked at. */
export const isCut = (coverage: Coverage): boolean => coverage.status === 'budget';
