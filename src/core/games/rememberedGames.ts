import { bestReply, guarantee, rangeOf, type MatrixGame } from './game';
import { indifferentMix } from './indifferent';
import { playGame } from './matrixGame';

/** Rows and columns that are mixed, up to which they are remembered. */
const MOST_MIXED = 6;
/** How exploitable an answer may be, as a part of the range of the entries. */
const EXACT = 1e-13;

/**
 * Games that are played again and again with slightly other entries, each known by a number: what was mixed last time is tried first
 * (Shapley & Snow 1950: a square part of the game whose mix makes the other player indifferent), and taken only if nobody can do
 * better against it. Mixes stand in `row` and `column` until the next game.
 */
export class RememberedGames {
  readonly row: Float64Array;
  readonly column: Float64Array;
  /** Of each game: how many rows and columns were mixed (0 = nothing remembered), which rows, which columns. */
  private readonly size: Uint8Array;
  private readonly mixed: Uint8Array;
  private readonly room = new Float64Array(MOST_MIXED * (MOST_MIXED + 1));

  /** `most`: rows or columns of the largest game. */
  constructor(count: number, most: number) {
    this.row = new Float64Array(most);
    this.column = new Float64Array(most);
    this.size = new Uint8Array(count);
    this.mixed = new Uint8Array(count * 2 * MOST_MIXED);
  }

  /** The value, to 1e-9 of the range of its entries. Pre: at least one row and one column. */
  play(id: number, game: MatrixGame): number {
    if (this.size[id]! > 0) {
      const known = this.asBefore(id, game);
      if (known !== null) return known;
    }
    const { value, row, column } = playGame(game);
    this.row.fill(0).set(row);
    this.column.fill(0).set(column);
    this.remember(id, row, column);
    return value;
  }

  private remember(id: number, row: Float64Array, column: Float64Array): void {
    this.size[id] = 0;
    const first = id * 2 * MOST_MIXED;
    let [rows, columns] = [0, 0];
    for (let i = 0; i < row.length; i++) if (row[i]! > 0 && rows++ < MOST_MIXED) this.mixed[first + rows - 1] = i;
    for (let j = 0; j < column.length; j++) if (column[j]! > 0 && columns++ < MOST_MIXED) this.mixed[first + MOST_MIXED + columns - 1] = j;
    if (rows === columns && rows <= MOST_MIXED && row.length < 256 && column.length < 256) this.size[id] = rows;
  }

  /** The one entry that was played, if it is the least of its row and the most of its column still: neither can do better. */
  private saddleAsBefore({ rows, columns, entries }: MatrixGame, r: number, c: number): number | null {
    const entry = entries[r * columns + c]!;
    for (let i = c; i < rows * columns; i += columns) if (entries[i]! > entry) return null;
    for (let i = r * columns; i < (r + 1) * columns; i++) if (entries[i]! < entry) return null;
    this.row.fill(0)[r] = 1;
    this.column.fill(0)[c] = 1;
    return entry;
  }

  private asBefore(id: number, game: MatrixGame): number | null {
    const size = this.size[id]!;
    const { row, column, room } = this;
    const first = id * 2 * MOST_MIXED;
    if (size === 1) {
      const entry = this.saddleAsBefore(game, this.mixed[first]!, this.mixed[first + MOST_MIXED]!);
      if (entry !== null) return entry;
    }
    const [least, most] = rangeOf(game);
    const rows = this.mixed.subarray(first, first + size);
    const columns = this.mixed.subarray(first + MOST_MIXED, first + MOST_MIXED + size);
    const square = { rows, columns, size, least };
    if (!indifferentMix(game, square, 'rows', room, row) || !indifferentMix(game, square, 'columns', room, column)) return null;
    const [low, high] = [guarantee(game, row), bestReply(game, column)];
    return high - low <= EXACT * (most - least) ? (low + high) / 2 : null;
  }
}
