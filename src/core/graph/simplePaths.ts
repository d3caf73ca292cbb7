import { breadthFirst, FAR, type Edges } from './search';

/** Steps of a search that are left; below 0 = it was stopped. */
export interface StepBudget {
  steps: number;
}

/**
 * Walks the simple paths from a start to the first goal met, in the order of starts and edges, and leaves each in `path`.
 * Yields how many of its first nodes are those of the path before. Depth-first without recursion; `leadsOn` marks the nodes
 * from which a goal can be reached: only they are entered. Takes its steps from `budget`.
 */
export function* walkSimplePaths(
  next: Edges,
  { starts, isGoal, leadsOn }: { starts: readonly number[]; isGoal: Uint8Array; leadsOn: Uint8Array },
  path: number[],
  budget: StepBudget,
): Generator<number> {
  const onPath = new Uint8Array(next.length);
  for (const first of starts) {
    if (!leadsOn[first]) continue;
    path.push(first);
    onPath[first] = 1;
    const branch = [0];
    let shared = 0;
    while (path.length > 0) {
      if (--budget.steps < 0) return;
      const at = path.at(-1)!;
      if (branch.at(-1) === 0 && isGoal[at]) {
        yield shared;
        shared = path.length;
      }
      const to = next[at]![branch[branch.length - 1]!++];
      if (to === undefined) {
        onPath[path.pop()!] = 0;
        branch.pop();
        shared = Math.min(shared, path.length);
      } else if (leadsOn[to] && !onPath[to]) {
        path.push(to);
        onPath[to] = 1;
        branch.push(0);
      }
    }
  }
}

export interface ShortestPaths {
  readonly starts: readonly number[];
  readonly goals: readonly number[];
  /** Only paths through this node; null = all. */
  readonly through: number | null;
  readonly limit: number;
}

/**
 * Simple paths from a start to a goal, shortest first, in the order of starts and edges within a length. Iterative deepening:
 * for each length a depth-first search that enters only what can still reach the node asked for, and a goal, within it.
 */
export function findShortestPaths(
  { next, previous }: { next: Edges; previous: Edges },
  { starts, goals, through, limit }: ShortestPaths,
  budget: StepBudget,
): { paths: number[][]; status: 'exact' | 'budget' } {
  const isGoal = new Set(goals);
  const toGoal = breadthFirst(previous, goals).steps;
  const toMiddle = through === null ? null : breadthFirst(previous, [through]).steps;
  const least = (at: number, met: boolean): number =>
    met || !toMiddle ? toGoal[at]! : toMiddle[at]! === FAR ? FAR : toMiddle[at]! + toGoal[through!]!;
  const paths: number[][] = [];
  const first = Math.min(FAR, ...starts.map((start) => least(start, start === through)));
  if (first >= FAR) return { paths, status: 'exact' };
  for (let length = first; length < next.length; length++) {
    for (const start of starts) {
      if (least(start, start === through) > length) continue;
      const path = [start];
      const branch = [0];
      const onPath = new Set(path);
      while (path.length > 0) {
        if (--budget.steps < 0) return { paths, status: 'budget' };
        const at = path.at(-1)!;
        const met = through === null || onPath.has(through);
        const rest = length - (path.length - 1);
        if (branch.at(-1) === 0 && rest === 0 && met && isGoal.has(at)) {
          paths.push([...path]);
          if (paths.length === limit) return { paths, status: 'budget' };
        }
        const to = rest === 0 ? undefined : next[at]![branch[branch.length - 1]!++];
        if (to === undefined) {
          onPath.delete(path.pop()!);
          branch.pop();
        } else if (!onPath.has(to) && least(to, met || to === through) <= rest - 1) {
          path.push(to);
          onPath.add(to);
          branch.push(0);
        }
      }
    }
  }
  return { paths, status: 'exact' };
}
