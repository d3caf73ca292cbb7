import { findShortestPaths } from '../graph';
import { goalsOf, graphOf, startsOf, type PositionId, type TreeDocument } from '../tree';

/** Which routes: from a start, to a goal, through a place; null = any. */
export interface RouteEnds {
  readonly from: PositionId | null;
  readonly to: PositionId | null;
  readonly through: PositionId | null;
}
export interface ShortestOptions extends Pick<RouteEnds, 'through'>, Partial<Omit<RouteEnds, 'through'>> {
  readonly limit: number;
  /** Search steps at the most. */
  readonly steps: number;
}

/** Routes by positions, shortest first, document order within a length. */
export function findShortestRoutes(
  tree: TreeDocument,
  { through, from = null, to = null, limit, steps }: ShortestOptions,
): { routes: PositionId[][]; status: 'exact' | 'budget' } {
  const graph = graphOf(tree, { stopAtEndings: true });
  const wanted = {
    starts: from === null ? startsOf(tree, graph) : [graph.numberOf.get(from)!],
    goals: to === null ? goalsOf(tree) : [graph.numberOf.get(to)!],
    through: through === null ? null : graph.numberOf.get(through)!,
    limit,
  };
  const { paths, status } = findShortestPaths(graph, wanted, { steps });
  return { routes: paths.map((path) => path.map((i) => graph.ids[i]!)), status };
}
