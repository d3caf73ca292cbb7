import { immediateDominators } from '../graph';
import { isGoal, startsOf, type Ending, type PositionId, type TreeDocument, graphOf } from '../tree';

export interface NecessaryHubs {
  readonly goals: readonly { readonly position: PositionId; readonly ends: Ending; readonly hubs: readonly PositionId[] }[];
  readonly endings: readonly { readonly ends: Ending; readonly hubs: readonly PositionId[] }[];
  readonly all: readonly PositionId[];
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
  const starts = startsOf(tree, graph);
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
    wanted.length === 0
      ? []
      : wanted
          .map((goal) => chains.get(goal.i)!)
          .reduce(sharedChain)
          .flatMap((i) => (left.has(i) ? [] : [graph.ids[i]!]));
  return {
    goals: goals.map((goal) => ({ position: goal.position, ends: goal.ends, hubs: towards([goal]) })),
    endings: [...new Set(goals.map((goal) => goal.ends))].map((ends) => ({
      ends,
      hubs: towards(goals.filter((goal) => goal.ends === ends)),
    })),
    all: towards(goals),
  };
}
