import { groupBy, product } from '../base';
import { indexOf, isGoal, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { graphOf, reachedFrom } from './graph';

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

/**
 * Simple paths from a start to the first ending met, if that is a goal, in document order of starts and transitions.
 * Depth-first without recursion; only positions that can still reach a goal are entered.
 */
export function* routesByPositions(tree: TreeDocument, budget: { steps: number }): Generator<PositionId[]> {
  const graph = graphOf(tree, { stopAtEndings: true });
  const goals = tree.positions.flatMap((p, i) => (p.ends && isGoal(tree, p.ends) ? [i] : []));
  const goalSet = new Set(goals);
  const hopeful = reachedFrom(graph.previous, goals);
  for (const start of tree.starts) {
    const first = graph.numberOf.get(start.position)!;
    if (!hopeful[first]) continue;
    const path = [first];
    const onPath = new Set(path);
    const branch = [0];
    while (path.length > 0) {
      if (--budget.steps < 0) return;
      const at = path.at(-1)!;
      if (branch.at(-1) === 0 && goalSet.has(at)) yield path.map((i) => graph.ids[i]!);
      const to = graph.next[at]![branch[branch.length - 1]!++];
      if (to === undefined) {
        onPath.delete(path.pop()!);
        branch.pop();
      } else if (hopeful[to] && !onPath.has(to)) {
        path.push(to);
        onPath.add(to);
        branch.push(0);
      }
    }
  }
}

/** All routes by positions and by transitions, within the budget. */
export function findRoutes(tree: TreeDocument, { routes = DEFAULT_ROUTES, steps = DEFAULT_STEPS }: RouteBudget = {}): Routes {
  const index = indexOf(tree);
  const left = { steps };
  const byPositions: PositionId[][] = [];
  const byTransitions: TransitionId[][] = [];
  let status: Routes['status'] = 'exact';
  for (const route of routesByPositions(tree, left)) {
    if (byPositions.length === routes) return { byPositions, byTransitions, status: 'budget' };
    byPositions.push(route);
    const parallel = route.slice(1).map((to, i) => groupBy(index.from.get(route[i]!)!, (t) => t.to).get(to)!.map((t) => t.id)); // prettier-ignore
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
