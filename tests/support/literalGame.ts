import { bestReply, guarantee, type MatrixGame } from '@/core/games';

const subsets = (size: number) =>
  Array.from({ length: 2 ** size - 1 }, (_, mask) => [...Array(size).keys()].filter((i) => (mask + 1) & (1 << i)));

/** The corners of all mixes of the rows that guarantee the value: on some rows, against as many columns less one that give no more. */
export function optimalCorners(of: MatrixGame, value: number): Float64Array[] {
  const corners: Float64Array[] = [];
  for (const rows of subsets(of.rows))
    for (const columns of [[], ...subsets(of.columns)]) {
      if (columns.length !== rows.length - 1) continue;
      const tight = columns.map((j) => [...rows.map((i) => of.entries[i * of.columns + j]!), value]);
      const found = solveLinear([...tight, [...rows.map(() => 1), 1]]);
      if (!found || found.some((chance) => chance < -1e-12)) continue;
      const mix = new Float64Array(of.rows);
      rows.forEach((row, k) => void (mix[row] = found[k]!));
      if (guarantee(of, mix) > value - 1e-9) corners.push(mix);
    }
  return corners;
}

/** The value from every square part of a game (Shapley & Snow 1950): each pair of mixes that makes the other indifferent is tried. */
export function literalGameValue(of: MatrixGame): number {
  const range = Math.max(...of.entries) - Math.min(...of.entries);
  let found = Number.NaN;
  for (const rows of subsets(of.rows))
    for (const columns of subsets(of.columns)) {
      if (rows.length !== columns.length) continue;
      const part = (i: number, j: number): number => of.entries[i * of.columns + j]!;
      const x = solveLinear([...columns.map((j) => [...rows.map((i) => part(i, j)), -1, 0]), [...rows.map(() => 1), 0, 1]]);
      const y = solveLinear([...rows.map((i) => [...columns.map((j) => part(i, j)), -1, 0]), [...columns.map(() => 1), 0, 1]]);
      if (!x || !y || [...x.slice(0, -1), ...y.slice(0, -1)].some((chance) => chance < -1e-9)) continue;
      const spread = (list: number[], at: number[], size: number): Float64Array => {
        const mix = new Float64Array(size);
        at.forEach((i, k) => void (mix[i] = Math.max(0, list[k]!)));
        return mix;
      };
      const [mine, his] = [spread(x, rows, of.rows), spread(y, columns, of.columns)];
      if (bestReply(of, his) - guarantee(of, mine) < 1e-8 * Math.max(1, range)) found = guarantee(of, mine);
    }
  return found;
}
/** Gaussian elimination of rows with their right side last; null = singular. */
function solveLinear(rows: number[][]): number[] | null {
  const size = rows.length;
  for (let k = 0; k < size; k++) {
    const pivot = rows.slice(k).reduce((best, row, i) => (Math.abs(row[k]!) > Math.abs(rows[best]![k]!) ? k + i : best), k);
    if (Math.abs(rows[pivot]![k]!) < 1e-12) return null;
    [rows[k], rows[pivot]] = [rows[pivot]!, rows[k]!];
    for (let i = 0; i < size; i++) {
      if (i === k) continue;
      const factor = rows[i]![k]! / rows[k]![k]!;
      rows[i] = rows[i]!.map((part, j) => part - factor * rows[k]![j]!);
    }
  }
  return rows.map((row, k) => row[size]! / row[k]!);
}
