import type { Strategy } from '../knowing';
import type { Kernel } from '../process/kernel';
import { LinearRows } from '../steady/linearRows';
import type { DrawnCells } from './drawnCells';

interface Solved {
  readonly kernel: Kernel;
  /** ρ at a state. */
  readonly readAt: Float64Array;
  readonly freely: number;
}
/**
 * What is played at a state and second: cells, each with how often, (free + habit · share of its column) · share of its moment; and
 * slots, the different places that they lead to after so many seconds.
 */
interface Played {
  readonly seconds: Int32Array;
  readonly target: Int32Array;
  /** What leads to each slot, of the last draw. */
  readonly together: Float64Array;
  /** What is given on the way to each slot, of the last draw; all 0 where nothing is. */
  readonly gained: Float64Array;
  readonly cell: Int32Array;
  readonly column: Int32Array;
  readonly moment: Int32Array;
  readonly free: Float64Array;
  readonly habit: Float64Array;
  /** Slot of every outcome of every cell, one cell behind the other. */
  readonly slot: Int32Array;
}

function playedAt({ kernel: k, readAt, freely }: Solved, cells: DrawnCells, state: number, { mine, his, best }: Strategy): Played {
  const readSkill = readAt[state]!;
  const lists = { cell: [] as number[], column: [] as number[], moment: [] as number[], free: [] as number[], habit: [] as number[] };
  const slots = new Map<number, number>();
  const slot: number[] = [];
  const from = k.firstColumn[state]!;
  const firstMoment = k.firstMoment[from]!;
  for (let c = from; c < k.firstColumn[state + 1]!; c++)
    for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
      const add = (cell: number, often: number): void => {
        if (often === 0) return;
        lists.cell.push(cell);
        lists.column.push(c);
        lists.moment.push(m);
        lists.free.push(freely === 0 ? 0 : often * freely * his[c - from]!);
        lists.habit.push(often * (1 - freely));
        for (let o = cells.firstOutcome[cell]!; o < cells.firstOutcome[cell + 1]!; o++) {
          const key = k.seconds[cell]! * k.states + cells.target[o]!;
          if (!slots.has(key)) slots.set(key, slots.size);
          slot.push(slots.get(key)!);
        }
      };
      add(k.firstCell[m]! + best[m - firstMoment]!, readSkill);
      if (readSkill < 1) mine.forEach((chance, a) => add(k.firstCell[m]! + a, (1 - readSkill) * chance));
    }
  const keys = [...slots.keys()];
  return {
    seconds: Int32Array.from(keys, (key) => Math.floor(key / k.states)),
    target: Int32Array.from(keys, (key) => key % k.states),
    together: new Float64Array(keys.length),
    gained: new Float64Array(keys.length),
    cell: Int32Array.from(lists.cell),
    column: Int32Array.from(lists.column),
    moment: Int32Array.from(lists.moment),
    free: Float64Array.from(lists.free),
    habit: Float64Array.from(lists.habit),
    slot: Int32Array.from(slot),
  };
}

/** Adds up what leads where, with the chances of a draw. */
function addUp({ together, gained, cell, column, moment, free, habit, slot }: Played, drawn: DrawnCells): void {
  const { firstOutcome, chance, gain, columnShare, momentShare } = drawn;
  together.fill(0);
  gained.fill(0);
  let at = 0;
  for (let i = 0; i < cell.length; i++) {
    const often = (free[i]! + habit[i]! * columnShare[column[i]!]!) * momentShare[moment[i]!]!;
    const end = firstOutcome[cell[i]! + 1]!;
    const from = firstOutcome[cell[i]!]!;
    if (gain) for (let o = from; o < end; o++) gained[slot[at + o - from]!]! += often * chance[o]! * gain[o]!;
    for (let o = from; o < end; o++) together[slot[at++]!]! += often * chance[o]!;
  }
}

const isSame = (a: Strategy, b: Strategy): boolean => {
  const alike = (one: ArrayLike<number>, two: ArrayLike<number>) => Array.prototype.every.call(one, (value, i) => value === two[i]);
  return alike(a.best, b.best) && alike(a.mine, b.mine) && alike(a.his, b.his);
};

/** Strategies that are held fixed while chances are drawn: what is played is written down once, seconds that play alike together. */
export class FixedPlay {
  private readonly plays: Played[] = [];
  /** Number of what is played at a state with so many seconds left: playAt[left * states + state]. */
  private readonly playAt: Int32Array;

  /** `seconds`: the strategies are asked for 0 … this many left; the steady clock has 0 alone. */
  constructor(
    private readonly solved: Solved,
    private readonly cells: DrawnCells,
    private readonly seconds: number,
    strategyAt: (state: number, left: number) => Strategy,
  ) {
    const { states, worth } = solved.kernel;
    this.playAt = new Int32Array((seconds + 1) * states).fill(-1);
    for (let state = 0; state < states; state++) {
      let last: Strategy | null = null;
      for (let left = seconds === 0 ? 0 : 1; Number.isNaN(worth[state]!) && left <= seconds; left++) {
        const now = strategyAt(state, left);
        if (!last || !isSame(last, now)) this.plays.push(playedAt(solved, cells, state, now));
        last = now;
        this.playAt[left * states + state] = this.plays.length - 1;
      }
    }
  }

  /** What the last draw is worth on the round clock, by state and seconds left: value[left * states + state]. */
  onRound(): Float64Array {
    const { states, worth } = this.solved.kernel;
    const value = new Float64Array((this.seconds + 1) * states);
    for (const played of this.plays) addUp(played, this.cells);
    for (let left = 0; left <= this.seconds; left++)
      for (let state = 0; state < states; state++) {
        const at = left * states + state;
        const number = this.playAt[at]!;
        if (number >= 0) value[at] = worthOfPlayed(this.plays[number]!, value, states, left);
        else value[at] = Number.isNaN(worth[state]!) ? 0 : worth[state]!;
      }
    return value;
  }

  /** The same on the steady clock of so many seconds, by state, found from `near`. */
  onSteady(roundSeconds: number, near: Float64Array): Float64Array {
    const { states, worth } = this.solved.kernel;
    const rows = new LinearRows(states);
    for (let state = 0; state < states; state++) {
      const number = this.playAt[state]!;
      if (number < 0) continue;
      const played = this.plays[number]!;
      addUp(played, this.cells);
      rows.begin(state);
      for (let i = 0; i < played.target.length; i++) {
        const factor = Math.exp(-played.seconds[i]! / roundSeconds);
        const often = played.together[i]! * factor;
        const to = played.target[i]!;
        rows.addCertain(played.gained[i]! * factor);
        if (Number.isNaN(worth[to]!)) rows.add(to, often);
        else rows.addCertain(often * worth[to]!);
      }
      rows.end();
    }
    const value = near.slice();
    rows.solve(value, 1e-9);
    return value;
  }
}

function worthOfPlayed({ seconds, target, together, gained }: Played, value: Float64Array, states: number, left: number): number {
  let sum = 0;
  for (let i = 0; i < target.length; i++) {
    const rest = left - seconds[i]!;
    if (rest >= 0) sum += together[i]! * value[rest * states + target[i]!]! + gained[i]!;
  }
  return sum;
}
