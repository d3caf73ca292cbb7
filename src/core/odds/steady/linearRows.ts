/** Sweeps after which the rest is taken as it is; the residual of the next step tells. */
const MOST_SWEEPS = 2000;

/** v = certain + chances · v, a row for each state that was begun, in that order. */
export class LinearRows {
  private readonly states: number[] = [];
  private readonly first: number[] = [];
  private readonly target: number[] = [];
  private readonly chance: number[] = [];
  private readonly certain: number[] = [];
  /** Chance of coming back to the row's own state. */
  private readonly own: number[] = [];
  /** Of the row that is being written: where each target stands in it, -1 = not yet. */
  private readonly at: Int32Array;

  constructor(states: number) {
    this.at = new Int32Array(states).fill(-1);
  }

  clear(): void {
    for (const list of [this.states, this.first, this.target, this.chance, this.certain, this.own]) list.length = 0;
  }
  /** The rows of another, less those of some states: theirs are to be written. */
  takeOver(other: LinearRows, without: readonly number[]): void {
    this.clear();
    for (let row = 0; row < other.states.length; row++) {
      const state = other.states[row]!;
      if (without.includes(state)) continue;
      this.states.push(state);
      this.first.push(this.target.length);
      this.certain.push(other.certain[row]!);
      this.own.push(other.own[row]!);
      const end = other.endOf(row);
      for (let i = other.first[row]!; i < end; i++) {
        this.target.push(other.target[i]!);
        this.chance.push(other.chance[i]!);
      }
    }
  }
  begin(state: number): void {
    this.states.push(state);
    this.first.push(this.target.length);
    this.certain.push(0);
    this.own.push(0);
  }
  addCertain(worth: number): void {
    this.certain[this.certain.length - 1]! += worth;
  }
  add(target: number, chance: number): void {
    const row = this.states.length - 1;
    if (target === this.states[row]) {
      this.own[row]! += chance;
      return;
    }
    const at = this.at[target]!;
    if (at >= 0) this.chance[at]! += chance;
    else {
      this.at[target] = this.target.length;
      this.target.push(target);
      this.chance.push(chance);
    }
  }
  end(): void {
    for (let i = this.first[this.first.length - 1]!; i < this.target.length; i++) this.at[this.target[i]!] = -1;
  }

  private endOf(row: number): number {
    return row + 1 < this.first.length ? this.first[row + 1]! : this.target.length;
  }
  private worthOfRow(row: number, value: Float64Array): number {
    let sum = this.certain[row]!;
    const end = this.endOf(row);
    for (let i = this.first[row]!; i < end; i++) sum += this.chance[i]! * value[this.target[i]!]!;
    return sum / (1 - this.own[row]!);
  }

  /** Solves the rows by sweeps there and back, each row's own loop solved in itself (Gauss–Seidel), into `value`. */
  solve(value: Float64Array, exact: number): void {
    const count = this.states.length;
    for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
      let most = 0;
      for (let i = 0; i < count; i++) {
        const row = sweep % 2 === 0 ? count - 1 - i : i;
        const state = this.states[row]!;
        const worth = this.worthOfRow(row, value);
        most = Math.max(most, Math.abs(worth - value[state]!));
        value[state] = worth;
      }
      if (most <= Math.max(exact, 1e-15)) return;
    }
  }

  /** How often each state is met from the starts, all alike: what comes into a row goes on to where its chances lead. */
  visits(starts: readonly number[], states: number): Float64Array {
    const found = new Float64Array(states);
    const coming = new Float64Array(states);
    for (const state of starts) coming[state]! += 1 / starts.length;
    const count = this.states.length;
    for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
      let moved = 0;
      for (let i = 0; i < count; i++) {
        const row = sweep % 2 === 0 ? i : count - 1 - i;
        const state = this.states[row]!;
        const met = coming[state]! / (1 - this.own[row]!);
        coming[state] = 0;
        if (met === 0) continue;
        found[state]! += met;
        moved += met;
        const end = this.endOf(row);
        for (let j = this.first[row]!; j < end; j++) coming[this.target[j]!]! += met * this.chance[j]!;
      }
      if (moved < 1e-14) break;
    }
    // What came to where no row is stays there.
    for (let state = 0; state < states; state++) found[state]! += coming[state]!;
    return found;
  }
}
