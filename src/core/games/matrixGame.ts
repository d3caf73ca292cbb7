import { leastNorm } from './leastNorm';

/** A zero-sum game: what the row player gets, row by row. */
export interface MatrixGame {
  readonly rows: number;
  readonly columns: number;
  /** entry[i * columns + j], finite. */
  readonly entries: Float64Array;
}
export interface GameSolution {
  readonly value: number;
  /** Chances in [0, 1] that sum to 1: the optimal mix of least norm, which is the same whichever way the game is written down. */
  readonly row: Float64Array;
  readonly column: Float64Array;
}

/** What a mix of the rows gets at worst. */
export function guarantee({ rows, columns, entries }: MatrixGame, mix: Float64Array): number {
  let worst = Infinity;
  for (let j = 0; j < columns; j++) {
    let sum = 0;
    for (let i = 0; i < rows; i++) sum += mix[i]! * entries[i * columns + j]!;
    if (sum < worst) worst = sum;
  }
  return worst;
}
/** What the row player's best reply to a mix of the columns gets. */
export function bestReply({ rows, columns, entries }: MatrixGame, mix: Float64Array): number {
  let best = -Infinity;
  for (let i = 0; i < rows; i++) {
    let sum = 0;
    for (let j = 0; j < columns; j++) sum += mix[j]! * entries[i * columns + j]!;
    if (sum > best) best = sum;
  }
  return best;
}

/** Pivots on a coefficient smaller than this are none. */
const SMALL = 1e-11;

interface Basic {
  readonly row: Float64Array;
  readonly column: Float64Array;
  /** No other mix is optimal, as far as the basis tells. */
  readonly isUniqueRow: boolean;
  readonly isUniqueColumn: boolean;
}

/**
 * A basic solution by the simplex method on the column player's programme (Dantzig 1951): most negative reduced cost, Bland's
 * rule once it takes long. Entries lie in [1, 2].
 */
function simplex(m: number, n: number, entry: (i: number, j: number) => number): Basic {
  const width = n + m + 1;
  const table = new Float64Array((m + 1) * width);
  const basis = new Int32Array(m);
  for (let i = 0; i < m; i++) {
    for (let j = 0; j < n; j++) table[i * width + j] = entry(i, j);
    table[i * width + n + i] = 1;
    table[i * width + width - 1] = 1;
    basis[i] = n + i;
  }
  const cost = m * width;
  for (let j = 0; j < n; j++) table[cost + j] = -1;
  const patience = 4 * (m + n);
  for (let step = 0; ; step++) {
    let enters = -1;
    let least = -SMALL;
    for (let j = 0; j < width - 1; j++)
      if (table[cost + j]! < least) {
        enters = j;
        if (step > patience) break;
        least = table[cost + j]!;
      }
    if (enters < 0) break;
    let leaves = -1;
    let ratio = Infinity;
    for (let i = 0; i < m; i++) {
      const coefficient = table[i * width + enters]!;
      if (coefficient <= SMALL) continue;
      const its = table[i * width + width - 1]! / coefficient;
      if (its < ratio || (its === ratio && basis[i]! < basis[leaves]!)) {
        ratio = its;
        leaves = i;
      }
    }
    if (leaves < 0) break;
    pivot(table, m, width, leaves, enters);
    basis[leaves] = enters;
  }
  return readOff(table, basis, m, n, width);
}

function pivot(table: Float64Array, m: number, width: number, leaves: number, enters: number): void {
  const at = leaves * width;
  const by = 1 / table[at + enters]!;
  for (let j = 0; j < width; j++) table[at + j]! *= by;
  table[at + enters] = 1;
  for (let i = 0; i <= m; i++) {
    if (i === leaves) continue;
    const factor = table[i * width + enters]!;
    if (factor === 0) continue;
    for (let j = 0; j < width; j++) table[i * width + j]! -= factor * table[at + j]!;
    table[i * width + enters] = 0;
  }
}

const UNIQUE = 1e-9;

function readOff(table: Float64Array, basis: Int32Array, m: number, n: number, width: number): Basic {
  const row = new Float64Array(m);
  const column = new Float64Array(n);
  const cost = m * width;
  const isBasic = new Uint8Array(n + m);
  let isUniqueRow = true;
  for (let i = 0; i < m; i++) {
    isBasic[basis[i]!] = 1;
    const level = table[i * width + width - 1]!;
    if (level < UNIQUE) isUniqueRow = false;
    if (basis[i]! < n) column[basis[i]!] = Math.max(0, level);
  }
  let isUniqueColumn = true;
  for (let j = 0; j < n + m; j++) if (isBasic[j] === 0 && table[cost + j]! < UNIQUE) isUniqueColumn = false;
  for (let i = 0; i < m; i++) row[i] = Math.max(0, table[cost + n + i]!);
  normalise(row);
  normalise(column);
  return { row, column, isUniqueRow, isUniqueColumn };
}

function normalise(mix: Float64Array): void {
  let sum = 0;
  for (const part of mix) sum += part;
  for (let i = 0; i < mix.length; i++) mix[i]! /= sum;
}

const uniform = (size: number): Float64Array => new Float64Array(size).fill(1 / size);

/** The game with its entries in [1, 2], and a basic solution; null = all entries are the same. */
function basicOf({ rows, columns, entries }: MatrixGame): { own: MatrixGame; basic: Basic } | null {
  let [least, most] = [Infinity, -Infinity];
  for (const entry of entries) {
    if (entry < least) least = entry;
    if (entry > most) most = entry;
  }
  const range = most - least;
  if (range === 0) return null;
  const scaled = new Float64Array(rows * columns);
  for (let i = 0; i < scaled.length; i++) scaled[i] = (entries[i]! - least) / range + 1;
  return { own: { rows, columns, entries: scaled }, basic: simplex(rows, columns, (i, j) => scaled[i * columns + j]!) };
}

/** Between what both guarantee each other: the value, up to how exploitable the mixes are. */
const between = (game: MatrixGame, row: Float64Array, column: Float64Array): number => (guarantee(game, row) + bestReply(game, column)) / 2;

/** A row that is best against everything the column player has at his best against it: no mix is needed. Null = there is none. */
function saddle({ rows, columns, entries }: MatrixGame): number | null {
  let lower = -Infinity;
  for (let i = 0; i < rows; i++) {
    let worst = Infinity;
    for (let j = 0; j < columns; j++) worst = Math.min(worst, entries[i * columns + j]!);
    lower = Math.max(lower, worst);
  }
  let upper = Infinity;
  for (let j = 0; j < columns; j++) {
    let best = -Infinity;
    for (let i = 0; i < rows; i++) best = Math.max(best, entries[i * columns + j]!);
    upper = Math.min(upper, best);
  }
  return lower === upper ? lower : null;
}

/** The value alone of a zero-sum game (von Neumann 1928), to 1e-9 of the range of its entries. Pre: a row and a column. */
export function gameValue(game: MatrixGame): number {
  const pure = saddle(game);
  if (pure !== null) return pure;
  const { basic } = basicOf(game)!;
  return between(game, basic.row, basic.column);
}

/**
 * Value and optimal mixes of a zero-sum game, to 1e-9 of the range of its entries. Where several mixes are optimal, the one of
 * least norm is given. Pre: at least one row and one column.
 */
export function solveGame(game: MatrixGame): GameSolution {
  const { rows, columns } = game;
  const found = basicOf(game);
  if (!found) return { value: game.entries[0]!, row: uniform(rows), column: uniform(columns) };
  const { own, basic } = found;
  const row = basic.isUniqueRow ? basic.row : evenest(own, basic.row);
  const column = basic.isUniqueColumn ? basic.column : evenest(turned(own), basic.column);
  return { value: between(game, row, column), row, column };
}

/** The same game seen by the other player. */
function turned({ rows, columns, entries }: MatrixGame): MatrixGame {
  const other = new Float64Array(entries.length);
  for (let i = 0; i < rows; i++) for (let j = 0; j < columns; j++) other[j * rows + i] = 3 - entries[i * columns + j]!;
  return { rows: columns, columns: rows, entries: other };
}

/** Entries lie in [1, 2], so that this is a part of the range. */
const SLACK = 1e-13;

/** Of all mixes of the rows that guarantee as much as `known`, the one of least norm. */
function evenest(game: MatrixGame, known: Float64Array): Float64Array {
  const { rows, columns, entries } = game;
  const value = guarantee(game, known);
  const constraints: Float64Array[] = [];
  const bounds: number[] = [];
  const add = (row: Float64Array, bound: number): void => {
    constraints.push(row);
    bounds.push(bound);
  };
  for (let j = 0; j < columns; j++)
    add(
      Float64Array.from({ length: rows }, (_, i) => entries[i * columns + j]!),
      value - SLACK,
    );
  for (let i = 0; i < rows; i++) {
    const unit = new Float64Array(rows);
    unit[i] = 1;
    add(unit, 0);
  }
  add(new Float64Array(rows).fill(1), 1);
  add(new Float64Array(rows).fill(-1), -1);
  const found = leastNorm(constraints, bounds);
  if (!found) return known;
  // Never worse than what was known: the figures it was found with are only so exact, and leave dust where nothing belongs.
  for (const dust of [1e-8, 1e-14]) {
    const mix = found.map((part) => (part < dust ? 0 : part));
    normalise(mix);
    if (guarantee(game, mix) >= value - 1e-12) return mix;
  }
  return known;
}
