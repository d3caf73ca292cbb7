import { indexOf, landingsOf, LINES, positionOf, type PositionId, type TreeDocument, type TreeIndex, graphOf } from '../tree';
import { breadthFirst, elementaryCycles, FAR } from '../graph';

/** Costly when an opponent's transition on it loses lines (gains them, if the guard player owns the tree). */
export interface Cycle {
  /** Beginning at its first position in document order. */
  readonly positions: readonly PositionId[];
  readonly kind: 'costly' | 'productive';
}
/** A thing of his that costs lines and can happen again and again. */
export interface LoopPlace {
  /** Where he does it, and where he gets me to. */
  readonly from: PositionId;
  readonly to: PositionId;
  /** The shortest loop through it, beginning at `from`. */
  readonly positions: readonly PositionId[];
}
export interface Cycles {
  readonly cycles: readonly Cycle[];
  readonly status: 'exact' | 'budget';
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
  const hurts = (from: PositionId, to: PositionId): boolean => {
    const changed = linesChanged(index, from, to);
    return (index.tree.owner === 'passer' ? changed.lost : changed.gained) > 0;
  };
  const his = index.tree.transitions.filter(({ actor }) => actor === 'opponent');
  return new Set(
    his.flatMap((transition) =>
      landingsOf(transition)
        .filter((to) => hurts(transition.from, to))
        .map((to) => `${transition.from}\n${to}`),
    ),
  );
}

export function findCycles(tree: TreeDocument, { limit = 10_000, steps = 2_000_000 }: { limit?: number; steps?: number } = {}): Cycles {
  const index = indexOf(tree);
  const graph = graphOf(tree);
  const budget = { steps };
  const cycles: Cycle[] = [];
  const hurtful = hurtfulSteps(index);
  for (const numbers of elementaryCycles(graph.next, budget)) {
    if (cycles.length === limit) return { cycles, status: 'budget' };
    const positions = numbers.map((i) => graph.ids[i]!);
    const costly = positions.some((from, i) => hurtful.has(`${from}\n${positions[(i + 1) % positions.length]}`));
    cycles.push({ positions, kind: costly ? 'costly' : 'productive' });
  }
  return { cycles, status: budget.steps < 0 ? 'budget' : 'exact' };
}

/**
 * Every costly loop by the thing of his that makes it one: the transitions of his that lose lines and lie on some loop, each once
 * however many loops go through it. In document order; exact up to `limit` of them.
 */
export function findLoopPlaces(
  tree: TreeDocument,
  limit = 200,
): { readonly places: readonly LoopPlace[]; readonly status: Cycles['status'] } {
  const { next, ids, numberOf } = graphOf(tree);
  const places: LoopPlace[] = [];
  for (const step of hurtfulSteps(indexOf(tree))) {
    const [from, to] = step.split('\n') as [PositionId, PositionId];
    const { steps, previous } = breadthFirst(next, [numberOf.get(to)!]);
    let at = numberOf.get(from)!;
    if (steps[at] === FAR) continue;
    if (places.length === limit) return { places, status: 'budget' };
    const back: PositionId[] = [];
    for (; at >= 0; at = previous[at]!) back.unshift(ids[at]!);
    places.push({ from, to, positions: from === to ? [from] : [from, ...back.slice(0, -1)] });
  }
  return { places, status: 'exact' };
}
