/** A way to another node, and what holds after it of what holds before. */
export interface FlowEdge<Fact> {
  readonly to: number;
  after(facts: ReadonlySet<Fact>): ReadonlySet<Fact>;
}

/** What is known of a node that is reached. */
export interface Certain<Fact, Edge> {
  /** What holds whichever way the node was reached. */
  readonly facts: ReadonlySet<Fact>;
  /** For a fact that held on some ways: the edge that first led here without it (null = a start). */
  readonly lost: ReadonlyMap<Fact, Edge | null>;
  /** The edge that first led here; null = a start. */
  readonly first: Edge | null;
}

/**
 * Forward must-analysis: certain(n) = the intersection over all reached edges into n of what holds after them; at a start
 * only what is given there. Greatest fixed point. A node not reached yet stands for "everything", so only facts of the ways
 * so far are stored, and a worklist only ever removes: O(facts × edges). Nodes that no start reaches are null.
 */
export function mustAnalysis<Fact, Edge extends FlowEdge<Fact>>(
  edges: readonly (readonly Edge[])[],
  starts: readonly { readonly node: number; readonly facts: ReadonlySet<Fact> }[],
): (Certain<Fact, Edge> | null)[] {
  const known: ({ facts: Set<Fact>; lost: Map<Fact, Edge | null>; first: Edge | null } | null)[] = edges.map(() => null);
  const open: number[] = [];
  const isQueued = new Uint8Array(edges.length);
  const touch = (node: number): void => {
    if (isQueued[node]) return;
    isQueued[node] = 1;
    open.push(node);
  };
  const arrive = (node: number, facts: ReadonlySet<Fact>, via: Edge | null): void => {
    const here = known[node];
    if (!here) {
      known[node] = { facts: new Set(facts), lost: new Map(), first: via };
      return touch(node);
    }
    for (const fact of here.facts) {
      if (facts.has(fact)) continue;
      here.facts.delete(fact);
      here.lost.set(fact, via);
      touch(node);
    }
  };
  for (const { node, facts } of starts) arrive(node, facts, null);
  for (let i = 0; i < open.length; i++) {
    const at = open[i]!;
    isQueued[at] = 0;
    const { facts } = known[at]!;
    for (const edge of edges[at]!) arrive(edge.to, edge.after(facts), edge);
  }
  return known;
}
