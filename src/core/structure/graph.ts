import type { TreeDocument } from '../tree';

/** A directed graph over the positions as numbers 0 … n-1 in document order; parallel transitions are one edge. */
export interface Graph {
  readonly size: number;
  readonly ids: readonly string[];
  readonly numberOf: ReadonlyMap<string, number>;
  readonly next: readonly (readonly number[])[];
  readonly previous: readonly (readonly number[])[];
}

export interface GraphOptions {
  /** Leave out every way on from an ending: routes, hubs and odds stop there. */
  readonly stopAtEndings?: boolean;
  /** Also follow `onFail`, which leads somewhere without being a route. */
  readonly withFailures?: boolean;
}

const made = new WeakMap<TreeDocument, Map<string, Graph>>();

/** Made once per document and kind, and shared. */
export function graphOf(tree: TreeDocument, { stopAtEndings = false, withFailures = false }: GraphOptions = {}): Graph {
  const known = made.get(tree) ?? new Map<string, Graph>();
  made.set(tree, known);
  const key = `${stopAtEndings} ${withFailures}`;
  const graph = known.get(key) ?? makeGraph(tree, stopAtEndings, withFailures);
  known.set(key, graph);
  return graph;
}

function makeGraph(tree: TreeDocument, stopAtEndings: boolean, withFailures: boolean): Graph {
  const ids = tree.positions.map((position) => position.id);
  const numberOf = new Map(ids.map((id, i) => [id, i]));
  const next = ids.map(() => new Set<number>());
  for (const transition of tree.transitions) {
    const from = numberOf.get(transition.from)!;
    if (stopAtEndings && tree.positions[from]!.ends) continue;
    next[from]!.add(numberOf.get(transition.to)!);
    if (withFailures && transition.onFail !== undefined) next[from]!.add(numberOf.get(transition.onFail)!);
  }
  const previous: number[][] = ids.map(() => []);
  next.forEach((targets, from) => targets.forEach((to) => previous[to]!.push(from)));
  return { size: ids.length, ids, numberOf, next: next.map((targets) => [...targets]), previous };
}

/** Marks everything that can be reached from `seeds` along `edges` (the graph's `next`, or `previous` for backwards). */
export function reachedFrom(edges: Graph['next'], seeds: Iterable<number>): Uint8Array {
  const seen = new Uint8Array(edges.length);
  const open = [...seeds];
  for (const seed of open) seen[seed] = 1;
  while (open.length > 0) {
    for (const to of edges[open.pop()!]!) {
      if (seen[to]) continue;
      seen[to] = 1;
      open.push(to);
    }
  }
  return seen;
}

/** Ids of the positions reachable from the tree's starts over transitions of either athlete and `onFail`. */
export function reachablePositions(tree: TreeDocument): ReadonlySet<string> {
  const graph = graphOf(tree, { withFailures: true });
  const seen = reachedFrom(graph.next, tree.starts.map((start) => graph.numberOf.get(start.position)!)); // prettier-ignore
  return new Set(graph.ids.filter((_, i) => seen[i]));
}
