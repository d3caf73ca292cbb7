import { isGoal, type Ending, type PositionId, type TreeDocument } from '../tree';
import { graphOf } from './graph';

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

/** What two root-first chains share from the root on: the chain of their meeting point in the dominator tree. */
function sharedChain(a: readonly number[], b: readonly number[]): readonly number[] {
  const end = a.findIndex((item, i) => item !== b[i]);
  return end === -1 ? a : a.slice(0, end);
}

/**
 * Necessary hubs of each goal position, each kind of goal, and all goals together, nearest the starts first; starts
 * and goals themselves left out. One dominator tree serves all: what every goal of a set needs is what their chains share.
 */
export function findNecessaryHubs(tree: TreeDocument): NecessaryHubs {
  const graph = graphOf(tree, { stopAtEndings: true });
  const root = graph.size;
  const starts = [...new Set(tree.starts.map((start) => graph.numberOf.get(start.position)!))];
  const previous = [...graph.previous.map((from, i) => (starts.includes(i) ? [...from, root] : from)), []];
  const dominator = immediateDominators([...graph.next, starts], previous, root);
  const goals = tree.positions.flatMap((p, i) =>
    p.ends && isGoal(tree, p.ends) && dominator[i] !== -1 ? [{ i, position: p.id, ends: p.ends }] : [],
  );
  const left = new Set([...starts, ...goals.map((goal) => goal.i)]);
  const chainOf = (goal: number): number[] => {
    const chain: number[] = [];
    for (let at = goal; at !== root; at = dominator[at]!) chain.push(at);
    return chain.reverse();
  };
  const chains = new Map(goals.map((goal) => [goal.i, chainOf(goal.i) as readonly number[]]));
  const towards = (wanted: readonly { i: number }[]): PositionId[] =>
    wanted.length === 0 ? [] : wanted.map((goal) => chains.get(goal.i)!).reduce(sharedChain).flatMap((i) => (left.has(i) ? [] : [graph.ids[i]!])); // prettier-ignore
  return {
    goals: goals.map((goal) => ({ position: goal.position, ends: goal.ends, hubs: towards([goal]) })),
    endings: [...new Set(goals.map((goal) => goal.ends))].map((ends) => ({ ends, hubs: towards(goals.filter((goal) => goal.ends === ends)) })), // prettier-ignore
    all: towards(goals),
  };
}
