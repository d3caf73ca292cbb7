import { withoutPosition, type PositionId, type TreeDocument } from '../tree';
import { findShortestRoutes } from './shortestRoutes';

/** Routes from a start to a goal that do not touch a position, shortest first; none = it is a necessary hub, or nothing leads to a goal. */
export const findBypasses = (
  tree: TreeDocument,
  hub: PositionId,
  { limit = 20, steps = 100_000 } = {},
): ReturnType<typeof findShortestRoutes> => findShortestRoutes(withoutPosition(tree, hub), { through: null, limit, steps });
