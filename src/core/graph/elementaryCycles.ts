import { componentsFrom } from './components';
import type { Edges } from './search';

/**
 * Elementary cycles by positions (Johnson 1975), each once, ordered by their first position; loops of one included.
 * Iterative; stops after `limit` cycles or `steps` search steps and says so.
 */
export function* elementaryCycles(next: Edges, budget: { steps: number }): Generator<number[]> {
  const blocked = new Uint8Array(next.length);
  const waiting: Set<number>[] = next.map(() => new Set());
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
  for (let root = 0; root < next.length; root++) {
    const component = componentsFrom(next, root);
    const inside = (to: number): boolean => to >= root && component[to] === component[root];
    if (!next[root]!.some(inside)) continue;
    blocked.fill(0);
    for (const set of waiting) set.clear();
    const path = [root];
    const branch = [0];
    const found = [false];
    blocked[root] = 1;
    while (path.length > 0) {
      if (--budget.steps < 0) return;
      const at = path.at(-1)!;
      const to = next[at]![branch[branch.length - 1]!++];
      if (to === undefined) {
        path.pop();
        branch.pop();
        const closed = found.pop()!;
        if (closed) {
          unblock(at);
          if (found.length > 0) found[found.length - 1] = true;
        } else for (const other of next[at]!) if (inside(other)) waiting[other]!.add(at);
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
