/** A zero-sum game: what the row player gets, row by row. */
export interface MatrixGame {
  readonly rows: number;
  readonly columns: number;
  /** entry[i * columns + j], finite; what stands behind them is not looked at. */
  readonly entries: Float64Array;
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

/** Least and greatest entry. */
export function rangeOf({ rows, columns, entries }: MatrixGame): [number, number] {
  let [least, most] = [Infinity, -Infinity];
  for (let i = 0; i < rows * columns; i++) {
    if (entries[i]! < least) least = entries[i]!;
    if (entries[i]! > most) most = entries[i]!;
  }
  return [least, most];
}
