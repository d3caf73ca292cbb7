/** For each node the nodes that its edges lead to. */
export type Edges = readonly (readonly number[])[];

/** Not reached. */
export const FAR = Number.MAX_SAFE_INTEGER;

export interface Searched {
  /** Nodes in the order in which they were reached, seeds first. */
  readonly order: readonly number[];
  /** Fewest edges from a seed to each node; FAR = none leads there. */
  readonly steps: readonly number[];
  /** The node from which each was first reached; -1 = a seed, or not reached. */
  readonly previous: Int32Array;
}

/**
 * Breadth-first search along `edges` (a graph's `next`, or its `previous` to go backwards). `enters`: whether an edge may be
 * gone along; absent = all. O(nodes + edges).
 */
export function breadthFirst(edges: Edges, seeds: Iterable<number>, enters?: (to: number, from: number) => boolean): Searched {
  const steps = edges.map(() => FAR);
  const previous = new Int32Array(edges.length).fill(-1);
  const order = [...new Set(seeds)];
  for (const seed of order) steps[seed] = 0;
  for (let i = 0; i < order.length; i++) {
    const at = order[i]!;
    for (const to of edges[at]!) {
      if (steps[to] !== FAR || (enters && !enters(to, at))) continue;
      steps[to] = steps[at]! + 1;
      previous[to] = at;
      order.push(to);
    }
  }
  return { order, steps, previous };
}

/** Marks everything that can be reached from `seeds`, these included. */
export function reachedFrom(edges: Edges, seeds: Iterable<number>): Uint8Array {
  const seen = new Uint8Array(edges.length);
  for (const node of breadthFirst(edges, seeds).order) seen[node] = 1;
  return seen;
}

/** A shortest way from a seed to `goal` as nodes, both included; empty = there is none. */
export function pathTo({ steps, previous }: Searched, goal: number): number[] {
  if (steps[goal] === FAR) return [];
  const route = [goal];
  while (previous[route.at(-1)!] !== -1) route.push(previous[route.at(-1)!]!);
  return route.reverse();
}
