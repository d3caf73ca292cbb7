import { groupBy, product } from '../base';
import { breadthFirst, FAR, reachedFrom, walkSimplePaths } from '../graph';
import {
  goalsOf,
  indexOf,
  landingsOf,
  startsOf,
  type PositionId,
  type Transition,
  type TransitionId,
  type TreeDocument,
  graphOf,
  type Graph,
} from '../tree';
import type { RouteEnds } from './shortestRoutes';

export interface RouteBudget {
  /** Routes by positions (and, apart, by transitions) to list at the most. */
  readonly routes?: number;
  /** Steps of the search at the most. */
  readonly steps?: number;
}
export interface Routes {
  readonly byPositions: readonly (readonly PositionId[])[];
  readonly byTransitions: readonly (readonly TransitionId[])[];
  /** `budget`: the search stopped early, and there are more than the listed routes. */
  readonly status: 'exact' | 'budget';
}

const DEFAULT_ROUTES = 10_000;
const DEFAULT_STEPS = 2_000_000;
/** What is counted while somebody waits: enough for trees drawn by hand; beyond it is said that there are more. */
export const ROUTES_COUNTED: RouteBudget = { routes: 1000, steps: 60_000 };

type RouteBounds = Omit<RouteEnds, 'through'>;
const ANY: RouteBounds = { from: null, to: null };

/** The simple paths from a start to the first ending met, if that is a goal; each is left in `path`. */
function walkRoutes(tree: TreeDocument, graph: Graph, path: number[], budget: { steps: number }, bounds = ANY): Generator<number> {
  const goals = bounds.to === null ? goalsOf(tree) : [graph.numberOf.get(bounds.to)!];
  const isGoal = new Uint8Array(graph.size);
  for (const goal of goals) isGoal[goal] = 1;
  const starts = (bounds.from === null ? tree.starts.map((start) => start.position) : [bounds.from]).map((id) => graph.numberOf.get(id)!);
  return walkSimplePaths(graph.next, { starts, isGoal, leadsOn: reachedFrom(graph.previous, goals) }, path, budget);
}

/** The transitions out of a place by where they lead; one that leads to several places stands at each. */
const waysOn = (transitions: readonly Transition[]) =>
  groupBy(
    transitions.flatMap((transition) => landingsOf(transition).map((to) => ({ transition, to }))),
    ({ to }) => to,
  );

/** All routes by positions and by transitions, within the budget. */
export function findRoutes(tree: TreeDocument, { routes = DEFAULT_ROUTES, steps = DEFAULT_STEPS }: RouteBudget = {}): Routes {
  const index = indexOf(tree);
  const graph = graphOf(tree, { stopAtEndings: true });
  const targetsOf = new Map(graph.ids.map((id) => [id, waysOn(index.from.get(id)!)]));
  const left = { steps };
  const path: number[] = [];
  const byPositions: PositionId[][] = [];
  const byTransitions: TransitionId[][] = [];
  let status: Routes['status'] = 'exact';
  for (const _ of walkRoutes(tree, graph, path, left)) {
    if (byPositions.length === routes) return { byPositions, byTransitions, status: 'budget' };
    const route = path.map((i) => graph.ids[i]!);
    byPositions.push(route);
    const parallel = route.slice(1).map((to, i) =>
      targetsOf
        .get(route[i]!)!
        .get(to)!
        .map(({ transition }) => transition.id),
    );
    for (const choice of product(parallel)) {
      if (byTransitions.length === routes) {
        status = 'budget';
        break;
      }
      byTransitions.push(choice);
    }
  }
  return { byPositions, byTransitions, status: left.steps < 0 ? 'budget' : status };
}

export interface RouteCount {
  readonly byPositions: number;
  readonly byTransitions: number;
  /** `budget`: there are more. */
  readonly status: 'exact' | 'budget';
}

/** How many routes there are, without listing them: the parallel transitions along a route multiply. */
export function countRoutes(
  tree: TreeDocument,
  { routes = DEFAULT_ROUTES, steps = DEFAULT_STEPS }: RouteBudget = {},
  bounds: RouteBounds = ANY,
): RouteCount {
  const graph = graphOf(tree, { stopAtEndings: true });
  const parallel = new Map<number, number>();
  for (const transition of tree.transitions)
    for (const to of landingsOf(transition)) {
      const arc = graph.numberOf.get(transition.from)! * graph.size + graph.numberOf.get(to)!;
      parallel.set(arc, (parallel.get(arc) ?? 0) + 1);
    }
  const left = { steps };
  const path: number[] = [];
  /** Ways through the first positions of the path; what a route shares with the one before is not multiplied again. */
  const ways: number[] = [];
  let byPositions = 0;
  let byTransitions = 0;
  for (const shared of walkRoutes(tree, graph, path, left, bounds)) {
    if (byPositions === routes) return { byPositions, byTransitions, status: 'budget' };
    byPositions++;
    for (let i = shared; i < path.length; i++) ways[i] = i === 0 ? 1 : ways[i - 1]! * parallel.get(path[i - 1]! * graph.size + path[i]!)!;
    byTransitions += ways[path.length - 1]!;
  }
  return { byPositions, byTransitions, status: left.steps < 0 ? 'budget' : 'exact' };
}

export interface GoalRoutes {
  readonly goal: PositionId;
  readonly count: RouteCount;
  /** Exchanges on the shortest. */
  readonly fewest: number;
}

/** The goals that ways lead to, from one start or (null) from any, in document order. */
export function routesToGoals(tree: TreeDocument, from: PositionId | null, budget: RouteBudget): GoalRoutes[] {
  const graph = graphOf(tree, { stopAtEndings: true });
  const { steps } = breadthFirst(graph.next, from === null ? startsOf(tree, graph) : [graph.numberOf.get(from)!]);
  return goalsOf(tree).flatMap((at): GoalRoutes[] => {
    if (steps[at] === FAR) return [];
    const goal = graph.ids[at]!;
    return [{ goal, count: countRoutes(tree, budget, { from, to: goal }), fewest: steps[at]! }];
  });
}
