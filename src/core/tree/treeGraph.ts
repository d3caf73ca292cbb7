import { perObject } from '../base';
import { reachedFrom, type Edges } from '../graph';
import type { TreeDocument } from './document';
import { isGoal, landingsOf } from './meaning';

/** A directed graph over the positions as numbers 0 … n-1 in document order; parallel transitions are one edge. */
export interface Graph {
  readonly size: number;
  readonly ids: readonly string[];
  readonly numberOf: ReadonlyMap<string, number>;
  readonly next: Edges;
  readonly previous: Edges;
}

export interface GraphOptions {
  /** Leave out every way on from an ending: routes, hubs and odds stop there. */
  readonly stopAtEndings?: boolean;
  /** Also follow `onFail`, which leads somewhere without being a route. */
  readonly withFailures?: boolean;
  /** Leave out the opponent's transitions. */
  readonly ownerOnly?: boolean;
}

const made = perObject((_tree: TreeDocument) => new Map<string, Graph>());

/** Made once per document and kind, and shared. */
export function graphOf(tree: TreeDocument, { stopAtEndings = false, withFailures = false, ownerOnly = false }: GraphOptions = {}): Graph {
  const known = made(tree);
  const key = `${stopAtEndings} ${withFailures} ${ownerOnly}`;
  const graph = known.get(key) ?? makeGraph(tree, { stopAtEndings, withFailures, ownerOnly });
  known.set(key, graph);
  return graph;
}

function makeGraph(tree: TreeDocument, { stopAtEndings, withFailures, ownerOnly }: Required<GraphOptions>): Graph {
  const ids = tree.positions.map((position) => position.id);
  const numberOf = new Map(ids.map((id, i) => [id, i]));
  const next = ids.map(() => new Set<number>());
  for (const transition of tree.transitions) {
    const { from, onFail, actor } = transition;
    const at = numberOf.get(from)!;
    if ((stopAtEndings && tree.positions[at]!.ends) || (ownerOnly && actor !== 'owner')) continue;
    for (const to of landingsOf(transition)) next[at]!.add(numberOf.get(to)!);
    if (withFailures && onFail !== undefined) next[at]!.add(numberOf.get(onFail)!);
  }
  const previous: number[][] = ids.map(() => []);
  next.forEach((targets, from) => targets.forEach((to) => previous[to]!.push(from)));
  return { size: ids.length, ids, numberOf, next: next.map((targets) => [...targets]), previous };
}

/** The tree's starts as numbers of its graph, each once. */
export const startsOf = (tree: TreeDocument, { numberOf }: Graph): number[] => [
  ...new Set(tree.starts.map((start) => numberOf.get(start.position)!)),
];

/** The positions that end well for the owner, as numbers in document order. */
export const goalsOf = (tree: TreeDocument): number[] =>
  tree.positions.flatMap((position, i) => (position.ends && isGoal(tree, position.ends) ? [i] : []));

/** Ids of the positions reachable from the tree's starts over transitions of either athlete and `onFail`. */
export function reachablePositions(tree: TreeDocument): ReadonlySet<string> {
  const graph = graphOf(tree, { withFailures: true });
  const seen = reachedFrom(graph.next, startsOf(tree, graph));
  return new Set(graph.ids.filter((_, i) => seen[i]));
}
