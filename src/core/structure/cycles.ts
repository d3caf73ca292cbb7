import { indexOf, LINES, positionOf, type PositionId, type Transition, type TreeDocument, type TreeIndex } from '../tree';
import { graphOf, type Graph } from './graph';

/** Costly when an opponent's transition on it loses lines (gains them, if the guard player owns the tree). */
export interface Cycle {
  /** Beginning at its first position in document order. */
  readonly positions: readonly PositionId[];
  readonly kind: 'costly' | 'productive';
}
export interface Cycles {
  readonly cycles: readonly Cycle[];
  readonly status: 'exact' | 'budget';
}

/** Strongly connected components of the sub-graph on numbers >= floor (Tarjan 1972, without recursion). */
function componentsFrom(graph: Graph, floor: number): Int32Array {
  const { size } = graph;
  const component = new Int32Array(size).fill(-1);
  const order = new Int32Array(size).fill(-1);
  const low = new Int32Array(size);
  const stack: number[] = [];
  let counter = 0;
  let components = 0;
  for (let root = floor; root < size; root++) {
    if (order[root] !== -1) continue;
    const path = [root];
    const branch = [0];
    while (path.length > 0) {
      const at = path.at(-1)!;
      if (branch.at(-1) === 0) {
        order[at] = low[at] = counter++;
        stack.push(at);
      }
      const to = graph.next[at]![branch[branch.length - 1]!++];
      if (to === undefined) {
        path.pop();
        branch.pop();
        const parent = path.at(-1);
        if (parent !== undefined) low[parent] = Math.min(low[parent]!, low[at]!);
        if (low[at] !== order[at]) continue;
        let member: number;
        do {
          member = stack.pop()!;
          component[member] = components;
        } while (member !== at);
        components++;
      } else if (to >= floor) {
        if (order[to] === -1) {
          path.push(to);
          branch.push(0);
        } else if (component[to] === -1) low[at] = Math.min(low[at]!, order[to]!);
      }
    }
  }
  return component;
}

/**
 * Elementary cycles by positions (Johnson 1975), each once, ordered by their first position; loops of one included.
 * Iterative; stops after `limit` cycles or `steps` search steps and says so.
 */
export function* elementaryCycles(graph: Graph, budget: { steps: number }): Generator<number[]> {
  const blocked = new Uint8Array(graph.size);
  const waiting: Set<number>[] = graph.ids.map(() => new Set());
  const unblock = (first: number): void => {
    const open = [first];
    while (open.length > 0) {
      const at = open.pop()!;
      if (!blocked[at]) continue;
      blocked[at] = 0;
      open.push(...waiting[at]!);
      waiting[at]!.clear();
    }
  };
  for (let root = 0; root < graph.size; root++) {
    const component = componentsFrom(graph, root);
    const inside = (to: number): boolean => to >= root && component[to] === component[root];
    if (!graph.next[root]!.some(inside)) continue;
    blocked.fill(0);
    for (const set of waiting) set.clear();
    const path = [root];
    const branch = [0];
    const found = [false];
    blocked[root] = 1;
    while (path.length > 0) {
      if (--budget.steps < 0) return;
      const at = path.at(-1)!;
      const to = graph.next[at]![branch[branch.length - 1]!++];
      if (to === undefined) {
        path.pop();
        branch.pop();
        const closed = found.pop()!;
        if (closed) {
          unblock(at);
          if (found.length > 0) found[found.length - 1] = true;
        } else for (const other of graph.next[at]!) if (inside(other)) waiting[other]!.add(at);
      } else if (to === root) {
        found[found.length - 1] = true;
        yield [...path];
      } else if (inside(to) && !blocked[to]) {
        blocked[to] = 1;
        path.push(to);
        branch.push(0);
        found.push(false);
      }
    }
  }
}

/** Lines gained and lost by moving between two positions, as sets. */
export function linesChanged(index: TreeIndex, from: PositionId, to: PositionId): { gained: number; lost: number } {
  const before = positionOf(index, from).lines;
  const after = positionOf(index, to).lines;
  return {
    gained: LINES.filter((line) => after.includes(line) && !before.includes(line)).length,
    lost: LINES.filter((line) => before.includes(line) && !after.includes(line)).length,
  };
}

/** Steps on which an opponent's transition loses lines (gains them, if the guard player owns the tree), as "from\nto". */
function hurtfulSteps(index: TreeIndex): ReadonlySet<string> {
  const hurts = ({ from, to, actor }: Transition): boolean => {
    if (actor !== 'opponent') return false;
    const changed = linesChanged(index, from, to);
    return (index.tree.owner === 'passer' ? changed.lost : changed.gained) > 0;
  };
  return new Set(index.tree.transitions.filter(hurts).map((move) => `${move.from}\n${move.to}`));
}

export function findCycles(tree: TreeDocument, { limit = 10_000, steps = 2_000_000 }: { limit?: number; steps?: number } = {}): Cycles {
  const index = indexOf(tree);
  const graph = graphOf(tree);
  const budget = { steps };
  const cycles: Cycle[] = [];
  const hurtful = hurtfulSteps(index);
  for (const numbers of elementaryCycles(graph, budget)) {
    if (cycles.length === limit) return { cycles, status: 'budget' };
    const positions = numbers.map((i) => graph.ids[i]!);
    const costly = positions.some((from, i) => hurtful.has(`${from}\n${positions[(i + 1) % positions.length]}`));
    cycles.push({ positions, kind: costly ? 'costly' : 'productive' });
  }
  return { cycles, status: budget.steps < 0 ? 'budget' : 'exact' };
}
