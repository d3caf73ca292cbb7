import { landingsOf, withoutPosition, type PositionId, type TreeDocument } from '../tree';
import { findShortestRoutes } from './shortestRoutes';

/** A move that leads to a place and elsewhere too still leads elsewhere without it. */
function withWaysPast(tree: TreeDocument, hub: PositionId): TreeDocument {
  const transitions = tree.transitions.map((transition) => {
    const [past] = transition.to === hub ? landingsOf(transition).filter((id) => id !== hub) : [];
    return past === undefined ? transition : { ...transition, to: past };
  });
  return { ...tree, transitions };
}

/** Routes from a start to a goal that do not touch a position, shortest first; none = it is a necessary hub, or nothing leads to a goal. */
export const findBypasses = (
  tree: TreeDocument,
  hub: PositionId,
  { limit = 20, steps = 100_000 } = {},
): ReturnType<typeof findShortestRoutes> =>
  findShortestRoutes(withoutPosition(withWaysPast(tree, hub), hub), { through: null, limit, steps });
