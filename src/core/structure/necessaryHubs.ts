import { isGoal, type Ending, type PositionId, type TreeDocument } from '../tree';
import { graphOf, reachedFrom, type Graph } from './graph';

export interface NecessaryHubs {
  readonly goals: readonly { readonly position: PositionId; readonly ends: Ending; readonly hubs: readonly PositionId[] }[];
  readonly endings: readonly { readonly ends: Ending; readonly hubs: readonly PositionId[] }[];
  readonly all: readonly PositionId[];
}

/**
 * Immediate dominators from `root` (Cooper, Harvey & Kennedy 2001, "A Simple, Fast Dominance Algorithm").
 * Returns -1 for nodes that the root does not reach; the root dominates itself.
 */
export function immediateDominators(
  next: readonly (readonly number[])[],
  previous: readonly (readonly number[])[],
  root: number,
): Int32Array {
  const order = new Int32Array(next.length).fill(-1);
  const postorder: number[] = [];
  const seen = new Uint8Array(next.length);
  const path = [root];
  const branch = [0];
  seen[root] = 1;
  while (path.length > 0) {
    const at = path.at(-1)!;
    const to = next[at]![branch[branch.length - 1]!++];
    if (to === undefined) {
      order[at] = postorder.length;
      postorder.push(at);
      path.pop();
      branch.pop();
    } else if (!seen[to]) {
      seen[to] = 1;
      path.push(to);
      branch.push(0);
    }
  }
  const dominator = new Int32Array(next.length).fill(-1);
  dominator[root] = root;
  const meet = (a: number, b: number): number => {
    while (a !== b) {
      while (order[a]! < order[b]!) a = dominator[a]!;
      while (order[b]! < order[a]!) b = dominator[b]!;
    }
    return a;
  };
  for (let changed = true; changed;) {
    changed = false;
    for (let i = postorder.length - 1; i >= 0; i--) {
      const at = postorder[i]!;
      if (at === root) continue;
      let best = -1;
      for (const from of previous[at]!) if (dominator[from] !== -1) best = best === -1 ? from : meet(from, best);
      if (best !== dominator[at]) {
        dominator[at] = best;
        changed = true;
      }
    }
  }
  return dominator;
}

/** Positions on every route from the starts to any of `goals` (numbers), starts and goals themselves left out. */
function hubsTowards(graph: Graph, starts: readonly number[], goals: readonly number[], allGoals: ReadonlySet<number>): PositionId[] {
  const root = graph.size;
  const sink = graph.size + 1;
  const reached = reachedFrom(graph.next, starts);
  const wanted = goals.filter((goal) => reached[goal]);
  if (wanted.length === 0) return [];
  const next = [...graph.next.map((to, i) => (wanted.includes(i) ? [...to, sink] : to)), starts, []];
  const previous: number[][] = next.map(() => []);
  next.forEach((targets, from) => targets.forEach((to) => previous[to]!.push(from)));
  const dominator = immediateDominators(next, previous, root);
  const hubs: number[] = [];
  for (let at = dominator[sink]!; at !== root; at = dominator[at]!) if (!starts.includes(at) && !allGoals.has(at)) hubs.push(at);
  return hubs.reverse().map((i) => graph.ids[i]!);
}

/** Necessary hubs of each goal position, each kind of goal, and all goals together, nearest the starts first. */
export function findNecessaryHubs(tree: TreeDocument): NecessaryHubs {
  const graph = graphOf(tree, { stopAtEndings: true });
  const starts = [...new Set(tree.starts.map((start) => graph.numberOf.get(start.position)!))];
  const reached = reachedFrom(graph.next, starts);
  const goals = tree.positions.flatMap((p, i) =>
    p.ends && isGoal(tree, p.ends) && reached[i] ? [{ i, position: p.id, ends: p.ends }] : [],
  );
  const goalSet = new Set(goals.map((goal) => goal.i));
  const towards = (wanted: readonly { i: number }[]): PositionId[] => hubsTowards(graph, starts, wanted.map((goal) => goal.i), goalSet); // prettier-ignore
  return {
    goals: goals.map((goal) => ({ position: goal.position, ends: goal.ends, hubs: towards([goal]) })),
    endings: [...new Set(goals.map((goal) => goal.ends))].map((ends) => ({
      ends,
      hubs: towards(goals.filter((goal) => goal.ends === ends)),
    })),
    all: towards(goals),
  };
}
