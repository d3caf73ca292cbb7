import type { MatrixGame } from './game';

/** Part of a game: some of its rows and as many of its columns. */
export interface Square {
  readonly rows: ArrayLike<number>;
  readonly columns: ArrayLike<number>;
  readonly size: number;
  /** Least entry of the game: all are taken from one above it, so that no value is 0. */
  readonly least: number;
}

/**
 * The mix of a square's columns (rows) to which its rows (columns) are indifferent, into `mix` (Shapley & Snow 1950); false = there
 * is none, or it needs chances below 0. `room`: at least size · (size + 1) numbers. Backward stable, so that they are indifferent to
 * 1e-15 of the entries even where the mix itself is hardly determined.
 */
export function indifferentMix(of: MatrixGame, square: Square, whose: 'rows' | 'columns', room: Float64Array, mix: Float64Array): boolean {
  const { rows, columns, size, least } = square;
  const width = size + 1;
  for (let i = 0; i < size; i++) {
    for (let j = 0; j < size; j++) {
      const [r, c] = whose === 'columns' ? [i, j] : [j, i];
      room[i * width + j] = of.entries[rows[r]! * of.columns + columns[c]!]! - least + 1;
    }
    room[i * width + size] = 1;
  }
  if (!eliminate(room, size)) return false;
  let sum = 0;
  for (let i = 0; i < size; i++) sum += Math.max(0, room[i * width + size]!);
  if (!(sum > 0)) return false;
  mix.fill(0);
  const mixed = whose === 'columns' ? columns : rows;
  for (let i = 0; i < size; i++) mix[mixed[i]!] = Math.max(0, room[i * width + size]!) / sum;
  return true;
}

/** Solves `size` equations in place, their right sides in the last column (Gauss, partial pivoting); false = they are not independent. */
function eliminate(room: Float64Array, size: number): boolean {
  const width = size + 1;
  for (let p = 0; p < size; p++) {
    let at = p;
    for (let i = p + 1; i < size; i++) if (Math.abs(room[i * width + p]!) > Math.abs(room[at * width + p]!)) at = i;
    if (room[at * width + p] === 0) return false;
    if (at !== p)
      for (let j = p; j < width; j++) {
        const kept = room[p * width + j]!;
        room[p * width + j] = room[at * width + j]!;
        room[at * width + j] = kept;
      }
    for (let i = p + 1; i < size; i++) {
      const factor = room[i * width + p]! / room[p * width + p]!;
      if (factor !== 0) for (let j = p; j < width; j++) room[i * width + j]! -= factor * room[p * width + j]!;
    }
  }
  for (let p = size - 1; p >= 0; p--) {
    let sum = room[p * width + size]!;
    for (let j = p + 1; j < size; j++) sum -= room[p * width + j]! * room[j * width + size]!;
    room[p * width + size] = sum / room[p * width + p]!;
  }
  return true;
}
