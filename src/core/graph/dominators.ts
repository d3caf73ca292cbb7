import type { Edges } from './search';

/**
 * Immediate dominators from `root` (Cooper, Harvey & Kennedy 2001, "A Simple, Fast Dominance Algorithm").
 * Returns -1 for nodes that the root does not reach; the root dominates itself.
 */
export function immediateDominators(next: Edges, previous: Edges, root: number): Int32Array {
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
