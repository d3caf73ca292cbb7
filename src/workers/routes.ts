import type { InPieces } from '@/core/base';
import { fewestTrades, type FewestTrades } from '@/core/grips';
import { findShortestRoutes, ROUTES_COUNTED, routesToGoals, type GoalRoutes, type RouteEnds } from '@/core/structure';
import type { Contact, PositionId, TreeDocument } from '@/core/tree';

/** What is said of the ways between two ends. */
export interface RoutesAnswer {
  /** Shortest first; budgeted, since a dense tree has millions. */
  readonly routes: readonly (readonly PositionId[])[];
  /** Null = on none of them the steps of all moves are written. */
  readonly trades: FewestTrades | null;
  readonly goals: readonly GoalRoutes[];
}
const LISTED = { limit: 60, steps: 200_000 };

/** `on`: his grips that are on now, which shut some moves. */
export function* routesInPieces(tree: TreeDocument, ends: RouteEnds, on: readonly Contact[]): InPieces<RoutesAnswer> {
  const { routes } = findShortestRoutes(tree, { ...ends, ...LISTED });
  yield;
  const trades = fewestTrades(tree, routes, on);
  yield;
  return { routes, trades, goals: routesToGoals(tree, ends.from, ROUTES_COUNTED) };
}
