import type { Edges } from './search';

/** Strongly connected components of the sub-graph on numbers >= floor (Tarjan 1972, without recursion). */
export function componentsFrom(next: Edges, floor: number): Int32Array {
  const size = next.length;
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
      const to = next[at]![branch[branch.length - 1]!++];
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
