import { atOnce, type InPieces } from '../base';
import { findVanishing, type Vanishing, filterTree, type Filter, type HiddenBy } from '../lens';
import { isGoal, landingsOf, type Ending, type PositionId, type TransitionId, type TreeDocument, reachablePositions } from '../tree';
import { findUnanswered, type Unanswered } from './answers';
import { countRoutes, type RouteCount } from './routes';
import { findShortestRoutes } from './shortestRoutes';
import { findThreats, type Threat } from './threats';

export interface FilterDifference {
  readonly hidden: readonly { readonly transition: TransitionId; readonly by: HiddenBy }[];
  readonly routes: { readonly before: RouteCount; readonly after: RouteCount };
  /** Of the shortest routes without the filter, by positions: how many were looked at, and how many of them are gone. */
  readonly shortest: { readonly checked: number; readonly lost: number };
  /** Unanswered under the filter but not without it. */
  readonly nowUnanswered: readonly Unanswered[];
  /** Reached without the filter, not under it, in document order. */
  readonly outOfReach: readonly PositionId[];
  readonly goalsOutOfReach: readonly { readonly position: PositionId; readonly ends: Ending }[];
  readonly threatsGone: readonly Threat[];
  /** Holds of the places, and of the moves that are left, which vanish with the jacket; empty where there is one. */
  readonly holdsGone: readonly Vanishing[];
  /** Positions whose lines, ending or tempo are other ones under the filter. */
  readonly changed: readonly PositionId[];
}

const SHORTEST = { through: null, limit: 500, steps: 200_000 };

/** A route is gone when some step of it has no transition left. */
function shortestLost(tree: TreeDocument, reduced: TreeDocument): FilterDifference['shortest'] {
  const steps = new Set(reduced.transitions.flatMap((transition) => landingsOf(transition).map((to) => `${transition.from}\n${to}`)));
  const { routes } = findShortestRoutes(tree, SHORTEST);
  const lost = routes.filter((route) => route.some((to, i) => i > 0 && !steps.has(`${route[i - 1]}\n${to}`)));
  return { checked: routes.length, lost: lost.length };
}

const ROUTES = { routes: 2000, steps: 200_000 };

/** What a filter takes away, and what it leaves open (MODEL §2), in pieces. */
export function* findFilterDifferenceInPieces(tree: TreeDocument, filter: Filter): InPieces<FilterDifference> {
  const { tree: reduced, hidden } = filterTree(tree, filter);
  const known = new Set(findUnanswered(tree).map((gap) => `${gap.position}\n${gap.value}`));
  const [reached, left] = [reachablePositions(tree), reachablePositions(reduced)];
  const out = tree.positions.filter(({ id }) => reached.has(id) && !left.has(id));
  yield 0.2;
  const before = countRoutes(tree, ROUTES);
  yield 0.4;
  const after = countRoutes(reduced, ROUTES);
  yield 0.6;
  const shortest = shortestLost(tree, reduced);
  yield 0.8;
  const threats = new Set(findThreats(reduced).map((threat) => threat.transition));
  return {
    hidden: [...hidden].map(([transition, by]) => ({ transition, by })),
    routes: { before, after },
    shortest,
    nowUnanswered: findUnanswered(reduced).filter((gap) => !known.has(`${gap.position}\n${gap.value}`)),
    outOfReach: out.map(({ id }) => id),
    goalsOutOfReach: out.flatMap(({ id, ends }) => (ends && isGoal(tree, ends) ? [{ position: id, ends }] : [])),
    holdsGone:
      filter.context === undefined || filter.context === 'gi'
        ? []
        : findVanishing(tree).filter((item) => item.transition === null || !hidden.has(item.transition)),
    threatsGone: findThreats(tree).filter((threat) => !threats.has(threat.transition)),
    changed: tree.positions.flatMap((position, i) => {
      const now = reduced.positions[i]!;
      const same = now.tempo === position.tempo && now.ends === position.ends && now.lines.join() === position.lines.join();
      return same ? [] : [position.id];
    }),
  };
}

/** The same at once. */
export const findFilterDifference = (tree: TreeDocument, filter: Filter): FilterDifference =>
  atOnce(findFilterDifferenceInPieces(tree, filter));
