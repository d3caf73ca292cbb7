import type { Strategy } from '../knowing';
import type { Kernel } from '../process/kernel';
import { LinearRows } from '../steady/linearRows';
import type { DrawnCells } from './drawnCells';

/** Draws that are reckoned side by side on the round clock: what is asked of a slot is asked once for all of them. */
export const LANES = 4;

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
  /** What leads to each slot, by lane: together[slot * LANES + lane]. */
  readonly together: Float64Array;
  /** What is given on the way to each slot, the same; null = nothing is given. */
  readonly gained: Float64Array | null;
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
    together: new Float64Array(keys.length * LANES),
    gained: cells.gain && new Float64Array(keys.length * LANES),
    cell: Int32Array.from(lists.cell),
    column: Int32Array.from(lists.column),
    moment: Int32Array.from(lists.moment),
    free: Float64Array.from(lists.free),
    habit: Float64Array.from(lists.habit),
    slot: Int32Array.from(slot),
  };
}

/** Adds up what leads where, with the chances of a draw, into a lane. */
function addUp({ together, gained, cell, column, moment, free, habit, slot }: Played, drawn: DrawnCells, lane: number): void {
  const { firstOutcome, chance, gain, columnShare, momentShare } = drawn;
  for (let i = lane; i < together.length; i += LANES) together[i] = 0;
  for (let i = lane; gained && i < together.length; i += LANES) gained[i] = 0;
  let at = 0;
  for (let i = 0; i < cell.length; i++) {
    const often = (free[i]! + habit[i]! * columnShare[column[i]!]!) * momentShare[moment[i]!]!;
    const end = firstOutcome[cell[i]! + 1]!;
    for (let o = firstOutcome[cell[i]!]!; o < end; o++, at++) {
      const into = slot[at]! * LANES + lane;
      const led = often * chance[o]!;
      together[into]! += led;
      if (gained && gain) gained[into]! += led * gain[o]!;
    }
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
  private readonly value: Float64Array;

  /** `seconds`: the strategies are asked for 0 … this many left; the steady clock has 0 alone. */
  constructor(
    private readonly solved: Solved,
    private readonly cells: DrawnCells,
    private readonly seconds: number,
    strategyAt: (state: number, left: number) => Strategy,
  ) {
    const { states, worth } = solved.kernel;
    this.playAt = new Int32Array((seconds + 1) * states).fill(-1);
    this.value = new Float64Array(this.playAt.length * LANES);
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

  /** Takes the draw that the cells hold into a lane. */
  take(lane: number): void {
    for (const played of this.plays) addUp(played, this.cells, lane);
  }

  /** What the draws of all lanes are worth on the round clock: value[(left * states + state) * LANES + lane], until it is asked again. */
  onRound(): Float64Array {
    const { states, worth } = this.solved.kernel;
    const { value } = this;
    for (let left = 0; left <= this.seconds; left++)
      for (let state = 0; state < states; state++) {
        const at = left * states + state;
        const number = this.playAt[at]!;
        if (number >= 0) worthOfPlayed(this.plays[number]!, value, states, left, at);
        else value.fill(Number.isNaN(worth[state]!) ? 0 : worth[state]!, at * LANES, (at + 1) * LANES);
      }
    return value;
  }

  /** What the draw that the cells hold is worth on the steady clock of so many seconds, by state, found from `near`. */
  onSteady(roundSeconds: number, near: Float64Array): Float64Array {
    const { states, worth } = this.solved.kernel;
    const rows = new LinearRows(states);
    for (let state = 0; state < states; state++) {
      const number = this.playAt[state]!;
      if (number < 0) continue;
      const played = this.plays[number]!;
      addUp(played, this.cells, 0);
      rows.begin(state);
      for (let i = 0; i < played.target.length; i++) {
        const factor = Math.exp(-played.seconds[i]! / roundSeconds);
        const often = played.together[i * LANES]! * factor;
        const to = played.target[i]!;
        if (played.gained) rows.addCertain(played.gained[i * LANES]! * factor);
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

/** Of all lanes at once: written out, since a loop of four costs more than what it does. */
function worthOfPlayed({ seconds, target, together, gained }: Played, value: Float64Array, states: number, left: number, at: number): void {
  let [a, b, c, d] = [0, 0, 0, 0];
  for (let i = 0; i < target.length; i++) {
    const rest = left - seconds[i]!;
    if (rest < 0) continue;
    const t = i * LANES;
    const v = (rest * states + target[i]!) * LANES;
    a += together[t]! * value[v]!;
    b += together[t + 1]! * value[v + 1]!;
    c += together[t + 2]! * value[v + 2]!;
    d += together[t + 3]! * value[v + 3]!;
    if (!gained) continue;
    a += gained[t]!;
    b += gained[t + 1]!;
    c += gained[t + 2]!;
    d += gained[t + 3]!;
  }
  const into = at * LANES;
  value[into] = a;
  value[into + 1] = b;
  value[into + 2] = c;
  value[into + 3] = d;
}
