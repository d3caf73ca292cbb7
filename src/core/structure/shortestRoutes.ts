import { isGoal, type PositionId, type TreeDocument } from '../tree';
import { graphOf } from './graph';

const FAR = Number.MAX_SAFE_INTEGER;

/** Fewest steps from every node to the nearest of `goals`, against the edges; FAR = no way. */
function stepsTo(previous: readonly (readonly number[])[], goals: readonly number[]): number[] {
  const steps = previous.map(() => FAR);
  for (const goal of goals) steps[goal] = 0;
  const open = [...goals];
  for (let i = 0; i < open.length; i++) {
    for (const from of previous[open[i]!]!) {
      if (steps[from] !== FAR) continue;
      steps[from] = steps[open[i]!]! + 1;
      open.push(from);
    }
  }
  return steps;
}

export interface ShortestOptions {
  /** Only routes through this position; null = all. */
  readonly through: PositionId | null;
  readonly limit: number;
  /** Search steps at the most. */
  readonly steps: number;
}

/**
 * Routes by positions, shortest first, document order within a length. Iterative deepening: for each length a
 * depth-first search that enters only what can still reach the position asked for, and a goal, within that length.
 */
export function findShortestRoutes(
  tree: TreeDocument,
  { through, limit, steps }: ShortestOptions,
): { routes: PositionId[][]; status: 'exact' | 'budget' } {
  const graph = graphOf(tree, { stopAtEndings: true });
  const goals = tree.positions.flatMap((position, i) => (position.ends && isGoal(tree, position.ends) ? [i] : []));
  const goalSet = new Set(goals);
  const toGoal = stepsTo(graph.previous, goals);
  const middle = through === null ? -1 : graph.numberOf.get(through)!;
  const toMiddle = middle < 0 ? null : stepsTo(graph.previous, [middle]);
  const least = (at: number, met: boolean): number =>
    met || !toMiddle ? toGoal[at]! : toMiddle[at]! === FAR ? FAR : toMiddle[at]! + toGoal[middle]!;
  const starts = [...new Set(tree.starts.map((start) => graph.numberOf.get(start.position)!))];
  const routes: PositionId[][] = [];
  const first = Math.min(FAR, ...starts.map((start) => least(start, start === middle)));
  if (first === FAR) return { routes, status: 'exact' };
  let left = steps;
  for (let length = first; length < graph.size; length++) {
    for (const start of starts) {
      if (least(start, start === middle) > length) continue;
      const path = [start];
      const branch = [0];
      const onPath = new Set(path);
      while (path.length > 0) {
        if (--left < 0) return { routes, status: 'budget' };
        const at = path.at(-1)!;
        const met = middle < 0 || onPath.has(middle);
        const rest = length - (path.length - 1);
        if (branch.at(-1) === 0 && rest === 0 && met && goalSet.has(at)) {
          routes.push(path.map((i) => graph.ids[i]!));
          if (routes.length === limit) return { routes, status: 'budget' };
        }
        const to = rest === 0 ? undefined : graph.next[at]![branch[branch.length - 1]!++];
        if (to === undefined) {
          onPath.delete(path.pop()!);
          branch.pop();
        } else if (!onPath.has(to) && least(to, met || to === middle) <= rest - 1) {
          path.push(to);
          onPath.add(to);
          branch.push(0);
        }
      }
    }
  }
  return { routes, status: 'exact' };
}
