export interface Wish {
  /** Columns taken up. */
  readonly span: number;
  /** Column where the middle of the rung would like to be; null = no wish. */
  readonly wanted: number | null;
  /** How much a column of distance costs. */
  readonly weight: number;
}

/**
 * First columns for rungs in the given order, without overlap, at the least total distance from their wishes.
 * Exact dynamic programme, O(rungs × columns). Pre: the spans fit into `columns`.
 */
export function placeInColumns(wishes: readonly Wish[], columns: number): number[] {
  const n = wishes.length;
  const cost = Array.from({ length: n + 1 }, () => new Float64Array(columns + 1).fill(Number.POSITIVE_INFINITY));
  const taken = Array.from({ length: n + 1 }, () => new Uint8Array(columns + 1));
  cost[0]!.fill(0);
  for (let i = 1; i <= n; i++) {
    const { span, wanted, weight } = wishes[i - 1]!;
    for (let end = span; end <= columns; end++) {
      const first = end - span;
      const distance = wanted === null ? 0 : Math.abs(first + (span - 1) / 2 - wanted) * weight;
      const here = cost[i - 1]![first]! + distance;
      const before = cost[i]![end - 1]!;
      if (here < before) {
        cost[i]![end] = here;
        taken[i]![end] = 1;
      } else cost[i]![end] = before;
    }
  }
  const firsts = new Array<number>(n);
  for (let i = n, end = columns; i > 0; i--) {
    while (!taken[i]![end]) end--;
    end -= wishes[i - 1]!.span;
    firsts[i - 1] = end;
  }
  return firsts;
}
