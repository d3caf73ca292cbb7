import { bestReply, guarantee, rangeOf, type MatrixGame } from './game';
import { indifferentMix } from './indifferent';
import { leastNorm } from './leastNorm';

export interface GameSolution {
  readonly value: number;
  /** Chances in [0, 1] that sum to 1: the optimal mix of least norm, which is the same whichever way the game is written down. */
  readonly row: Float64Array;
  readonly column: Float64Array;
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
function basicOf(game: MatrixGame): { own: MatrixGame; basic: Basic } | null {
  const { rows, columns, entries } = game;
  const [least, most] = rangeOf(game);
  const range = most - least;
  if (range === 0) return null;
  const scaled = new Float64Array(rows * columns);
  for (let i = 0; i < scaled.length; i++) scaled[i] = (entries[i]! - least) / range + 1;
  const own = { rows, columns, entries: scaled };
  const basic = simplexOf(own);
  return { own, basic: gapOf(own, basic) > LOOSE ? tightened(own, basic) : basic };
}

const simplexOf = ({ rows, columns, entries }: MatrixGame): Basic => simplex(rows, columns, (i, j) => entries[i * columns + j]!);

interface Pair {
  readonly row: Float64Array;
  readonly column: Float64Array;
}
/** How exploitable two mixes are. */
const gapOf = (game: MatrixGame, { row, column }: Pair): number => bestReply(game, column) - guarantee(game, row);

/** More than figures of this size lose by themselves. */
const LOOSE = 1e-12;

/**
 * Where entries differ by next to nothing the tables lose what they stand on (up to 1e-5 was seen): the mixes are found once more from
 * the entries themselves, by what was mixed, and the same from the other player's side; the safest of each is taken.
 */
function tightened(game: MatrixGame, first: Basic): Basic {
  const other = simplexOf(turned(game));
  const pairs: Pair[] = [first, { row: other.column, column: other.row }];
  for (const pair of pairs.slice()) {
    const found = indifferentTo(game, pair);
    if (found) pairs.push(found);
  }
  const safest = (by: (pair: Pair) => number): Pair => pairs.reduce((best, pair) => (by(pair) > by(best) ? pair : best));
  const row = safest((pair) => guarantee(game, pair.row)).row;
  const column = safest((pair) => -bestReply(game, pair.column)).column;
  return { ...first, row, column };
}

function indifferentTo(game: MatrixGame, { row, column }: Pair): Pair | null {
  const mixed = (mix: Float64Array): number[] => [...mix.keys()].filter((i) => mix[i]! > 0);
  const [rows, columns] = [mixed(row), mixed(column)];
  const size = rows.length;
  if (columns.length !== size) return null;
  const room = new Float64Array(size * (size + 1));
  const found = { row: new Float64Array(row.length), column: new Float64Array(column.length) };
  const square = { rows, columns, size, least: 1 };
  const isThere = indifferentMix(game, square, 'rows', room, found.row) && indifferentMix(game, square, 'columns', room, found.column);
  return isThere ? found : null;
}

/** Between what both guarantee each other: the value, up to how exploitable the mixes are. */
const between = (game: MatrixGame, row: Float64Array, column: Float64Array): number => (guarantee(game, row) + bestReply(game, column)) / 2;

/** A row and a column that are best against each other, as an entry: no mix is needed. -1 = there is none. */
function saddle({ rows, columns, entries }: MatrixGame): number {
  let [row, lower] = [0, -Infinity];
  for (let i = 0; i < rows; i++) {
    let worst = Infinity;
    for (let j = 0; j < columns; j++) worst = Math.min(worst, entries[i * columns + j]!);
    if (worst > lower) [row, lower] = [i, worst];
  }
  let [column, upper] = [0, Infinity];
  for (let j = 0; j < columns; j++) {
    let best = -Infinity;
    for (let i = 0; i < rows; i++) best = Math.max(best, entries[i * columns + j]!);
    if (best < upper) [column, upper] = [j, best];
  }
  return lower === upper ? row * columns + column : -1;
}

/** The value alone of a zero-sum game (von Neumann 1928), to 1e-9 of the range of its entries. Pre: a row and a column. */
export function gameValue(game: MatrixGame): number {
  const pure = saddle(game);
  if (pure >= 0) return game.entries[pure]!;
  const { basic } = basicOf(game)!;
  return between(game, basic.row, basic.column);
}

const unit = (size: number, at: number): Float64Array => new Float64Array(size).fill(1, at, at + 1);
/** Both play what meets in an entry. */
const pureAt = ({ rows, columns, entries }: MatrixGame, at: number): GameSolution => ({
  value: entries[at]!,
  row: unit(rows, Math.floor(at / columns)),
  column: unit(columns, at % columns),
});

/** The same with some optimal mixes, whichever are found first. Pre: at least one row and one column. */
export function playGame(game: MatrixGame): GameSolution {
  const pure = saddle(game);
  if (pure >= 0) return pureAt(game, pure);
  const { row, column } = basicOf(game)!.basic;
  return { value: between(game, row, column), row, column };
}

/**
 * Value and optimal mixes of a zero-sum game, to 1e-9 of the range of its entries. Where several mixes are optimal, the one of
 * least norm is given. Pre: at least one row and one column.
 */
export function solveGame(game: MatrixGame): GameSolution {
  const { rows, columns } = game;
  const pure = saddle(game);
  const even = pure < 0 ? null : evenAt(game, pure);
  if (even) return even;
  const found = basicOf(game);
  if (!found) return { value: game.entries[0]!, row: uniform(rows), column: uniform(columns) };
  const { own, basic } = found;
  const row = basic.isUniqueRow ? basic.row : evenest(own, basic.row);
  const column = basic.isUniqueColumn ? basic.column : evenest(turned(own), basic.column);
  return { value: between(game, row, column), row, column };
}

/** Parts of the range: entries that are closer are the same, and those that are further are not; what lies between is nobody's to say. */
const [ALIKE, APART] = [1e-13, 1e-6];

/** The entries of a row or column that are as good as the one at `at`, all alike; null = it is not clear which. */
function alikeIn(entries: Float64Array, first: number, step: number, count: number, at: number, range: number): Float64Array | null {
  const mix = new Float64Array(count);
  let alike = 0;
  for (let i = 0; i < count; i++) {
    const apart = Math.abs(entries[first + i * step]! - entries[at]!);
    if (apart <= ALIKE * range) alike += mix[i] = 1;
    else if (apart < APART * range) return null;
  }
  for (let i = 0; i < count; i++) mix[i]! /= alike;
  return mix;
}

/**
 * Around a saddle: an optimal mix has only rows that are as good in its column, and only columns that are as good in its row, so that
 * all of them alike are the one of least norm, if they are optimal; null = they are not, or it is not clear which they are.
 */
function evenAt(game: MatrixGame, at: number): GameSolution | null {
  const { rows, columns, entries } = game;
  const [least, most] = rangeOf(game);
  const range = most - least;
  const row = alikeIn(entries, at % columns, columns, rows, at, range);
  const column = row && alikeIn(entries, at - (at % columns), 1, columns, at, range);
  if (!row || !column) return null;
  const value = entries[at]!;
  const slack = ALIKE * range;
  return guarantee(game, row) >= value - slack && bestReply(game, column) <= value + slack ? { value, row, column } : null;
}

/** The same game seen by the other player. */
function turned({ rows, columns, entries }: MatrixGame): MatrixGame {
  const other = new Float64Array(rows * columns);
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
