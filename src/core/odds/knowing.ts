import type { InPieces } from '../base';
import { RememberedGames, solveGame, type MatrixGame } from '../games';
import { leftOutAt, readingsOf, type Kernel } from './process/kernel';
import { worthUnseen, type End, type Unseen } from './process/leftOut';
import { worthsOf } from './process/worths';
import type { Policy } from './outlook';
import type { HeKnowsYourGame } from './question';
import { TIE } from './roundClock';

/** What a position is faced with. */
export interface Ahead {
  readonly kernel: Kernel;
  readonly roundSeconds: number;
  /** ρ by state. */
  readonly readAt: Float64Array;
  /** λ in [0, 1]. */
  readonly freely: number;
  /** Worth of `state` with `left` seconds: value[left * states + state]. */
  readonly value: Float64Array;
}
export interface KnowingSolution extends Ahead {
  /** 1 where he sees the choice before he picks, by state. */
  readonly seesIt: Uint8Array;
}
/** A position with so many seconds left, as both stand before it. */
export interface Faced {
  /** What the owner gets by row (unread) and column (picked freely). */
  readonly game: MatrixGame;
  /** Row that is best at each moment of the state, in order, when it is read. */
  readonly best: Int32Array;
}

/** Part of a position: without some rows (1 = gone), or with other shares of its columns and of the moments of each (NaN = gone). */
export interface Less {
  readonly rows?: Uint8Array;
  readonly shares?: Float64Array;
  readonly moments?: Float64Array;
}
const countOf = (shares: Float64Array): number => shares.reduce((count, share) => count + Number(!Number.isNaN(share)), 0);

/** Room for a position's game, used again and again. */
export class Facing {
  rows = 0;
  columns = 0;
  /** What the owner gets by row (unread) and column (picked freely). */
  readonly entries: Float64Array;
  /** What each row gets against his habits. */
  readonly habit: Float64Array;
  /** Row that is best at each moment of the state, in order, when it is read. */
  readonly best: Int32Array;
  /** Rows or columns of the largest game. */
  readonly longest: number;
  private readonly worths: Float64Array;

  constructor(k: Kernel) {
    let [entries, rows, moments, columns] = [0, 0, 0, 0];
    for (let state = 0; state < k.rows.length; state++) {
      const [from, to] = [k.firstColumn[state]!, k.firstColumn[state + 1]!];
      rows = Math.max(rows, k.rows[state]!);
      columns = Math.max(columns, to - from + 1);
      entries = Math.max(entries, k.rows[state]! * (to - from + 1));
      moments = Math.max(moments, k.firstMoment[to]! - k.firstMoment[from]!);
    }
    this.entries = new Float64Array(entries);
    this.longest = Math.max(rows, columns);
    this.habit = new Float64Array(rows);
    this.worths = new Float64Array(k.certain.length);
    this.best = new Int32Array(moments);
  }

  /** Looks at all cells with so many seconds left, for the states that are faced by `faceSurveyed` until the next look. */
  survey({ kernel, value }: Ahead, left: number): void {
    worthsOf(kernel, value, 0, kernel.certain.length, left, this.worths);
  }
  /** Looks at the cells of one state alone. */
  look({ kernel: k, value }: Ahead, state: number, left: number): void {
    const [first, last] = [k.firstMoment[k.firstColumn[state]!]!, k.firstMoment[k.firstColumn[state + 1]!]!];
    worthsOf(k, value, k.firstCell[first]!, k.firstCell[last]!, left, this.worths);
  }
  /** A state whose cells are looked at now. `less`: only part of it is there; pre: nothing was left out. */
  face(solution: Ahead, state: number, left: number, end: End = 'least', less: Less | null = null): this {
    this.look(solution, state, left);
    return this.faceSurveyed(solution, state, left, end, less);
  }
  /**
   * What his habits and his free picks make of each option; `end` as in the round clock. For the lower bound a show that was left out
   * stands as a last column, worth what it is at least: he may pick it.
   */
  faceSurveyed(solution: Ahead, state: number, left: number, end: End = 'least', less: Less | null = null): this {
    const { kernel: k, readAt, freely } = solution;
    const readSkill = readAt[state]!;
    const { firstMoment, momentShare, firstCell, columnShare } = k;
    const { habit, best, entries, worths } = this;
    const tie = TIE;
    const rows = k.rows[state]!;
    const from = k.firstColumn[state]!;
    const to = k.firstColumn[state + 1]!;
    const without = less?.rows;
    const shares = less?.shares;
    const moments = less?.moments;
    const columns = shares ? countOf(shares) : to - from + (k.unseen[state] && end === 'least' ? 1 : 0);
    this.rows = rows;
    this.columns = columns;
    // Short stretches: a loop takes a third of what `fill` does.
    for (let i = 0; i < rows * columns; i++) entries[i] = 0;
    for (let a = 0; a < rows; a++) habit[a] = 0;
    const first = firstMoment[from]!;
    let j = -1;
    for (let c = from; c < to; c++) {
      const shown = shares ? shares[c - from]! : columnShare[c]!;
      if (Number.isNaN(shown)) continue;
      j++;
      let read = 0;
      for (let m = firstMoment[c]!; m < firstMoment[c + 1]!; m++) {
        const share = moments ? moments[m - firstMoment[c]!]! : momentShare[m]!;
        if (Number.isNaN(share)) continue;
        const at = firstCell[m]!;
        let most = -Infinity;
        for (let a = 0; a < rows; a++) {
          if (without !== undefined && without[a] === 1) continue;
          const worth = worths[at + a]!;
          entries[a * columns + j]! += share * worth;
          if (worth > most + tie) {
            most = worth;
            best[m - first] = a;
          }
        }
        read += share * most;
      }
      for (let a = 0; a < rows; a++) {
        const at = a * columns + j;
        entries[at] = readSkill * read + (1 - readSkill) * entries[at]!;
        habit[a]! += shown * entries[at]!;
      }
    }
    if (k.unseen[state]) this.faceLeftOut(k.unseen[state], solution, state, left, end);
    if (without) this.leave(without);
    for (let a = 0; a < this.rows; a++) {
      for (let i = a * columns; i < (a + 1) * columns; i++) entries[i] = freely * entries[i]! + (1 - freely) * habit[a]!;
    }
    return this;
  }

  /** The rows that are to be had, one behind the other. */
  private leave(without: Uint8Array): void {
    const { entries, habit, columns } = this;
    let kept = 0;
    for (let a = 0; a < this.rows; a++) {
      if (without[a] === 1) continue;
      habit[kept] = habit[a]!;
      entries.copyWithin(kept * columns, a * columns, (a + 1) * columns);
      kept++;
    }
    this.rows = kept;
  }
  /** Adds what was left out: moments to each column, shows to his habits, and for the lower bound a column of them. */
  private faceLeftOut(unseen: readonly Unseen[], { kernel: k, value, readAt }: Ahead, state: number, left: number, end: End): void {
    const { entries, habit, columns } = this;
    const readSkill = readAt[state]!;
    const worths = unseen.map((option) => worthUnseen(option, value, k.states, left, end));
    const most = Math.max(...worths);
    const { shows, moments } = leftOutAt(k, state);
    worths.forEach((worth, a) => {
      const entry = readSkill * most + (1 - readSkill) * worth;
      const seen = k.firstColumn[state + 1]! - k.firstColumn[state]!;
      for (let j = 0; j < seen; j++) entries[a * columns + j]! += moments * entry;
      habit[a]! += (shows + (1 - shows) * moments) * entry;
      if (columns > seen) entries[a * columns + seen] = entry;
    });
  }
}

/** A position as both stand before it, with so many seconds left; the game stands until the next is asked for. */
export function facedIn(solution: Ahead): (state: number, left: number) => Faced {
  const { kernel: k } = solution;
  const facing = new Facing(k);
  return (state, left) => {
    const moments = k.firstMoment[k.firstColumn[state + 1]!]! - k.firstMoment[k.firstColumn[state]!]!;
    return { game: facing.face(solution, state, left), best: facing.best.slice(0, moments) };
  };
}

interface Pure {
  readonly row: number;
  readonly column: number;
  readonly value: number;
}
/** The best row if the column is picked after it has been seen; `replies`: his column against each row. */
export function bestSeen({ rows, columns, entries }: MatrixGame, replies?: Int32Array): Pure {
  let found: Pure = { row: 0, column: 0, value: -Infinity };
  for (let a = 0; a < rows; a++) {
    let worst = 0;
    for (let j = 1; j < columns; j++) if (entries[a * columns + j]! < entries[a * columns + worst]! - TIE) worst = j;
    if (replies) replies[a] = worst;
    const value = entries[a * columns + worst]!;
    if (value > found.value + TIE) found = { row: a, column: worst, value };
  }
  return found;
}

/**
 * Backward induction over one-second steps, a matrix game in each position (a stochastic game with a finite horizon; Shapley 1953):
 * rows are the owner's options unread, columns what he picks freely. Exact to the games' 1e-9.
 */
export function* solveKnowingInPieces(
  kernel: Kernel,
  question: HeKnowsYourGame,
  seesIt: Uint8Array,
  end: End = 'least',
): InPieces<KnowingSolution> {
  const { states, worth } = kernel;
  const { roundSeconds, readSkill, freely } = question;
  const readAt = readingsOf(kernel, readSkill);
  const value = new Float64Array((roundSeconds + 1) * states);
  const solution: KnowingSolution = { roundSeconds, freely, readAt, kernel, seesIt, value };
  const facing = new Facing(kernel);
  const games = new RememberedGames(states, facing.longest);
  for (let left = 0; left <= roundSeconds; left++) {
    facing.survey(solution, left);
    for (let state = 0; state < states; state++) {
      const at = left * states + state;
      if (!Number.isNaN(worth[state]!)) solution.value[at] = worth[state]!;
      else if (left > 0) {
        const game = facing.faceSurveyed(solution, state, left, end);
        // Everything read: no choice is blind, and seeing it changes nothing.
        solution.value[at] = readAt[state]! >= 1 || seesIt[state] === 1 ? bestSeen(game).value : games.play(state, game);
      }
    }
    yield left / roundSeconds;
  }
  return solution;
}

export interface Mixes {
  /** Of the owner's options where they are not read, by row. */
  readonly mine: Float64Array;
  /** Of what he picks freely, by column. */
  readonly his: Float64Array;
}
const unit = (size: number, at: number): Float64Array => new Float64Array(size).fill(1, at, at + 1);

/** Both mixes at a position with so many seconds left. */
export function mixesOf({ seesIt, readAt }: KnowingSolution, state: number, { game }: Faced): Mixes {
  if (readAt[state]! < 1 && seesIt[state] !== 1) {
    const { row, column } = solveGame(game);
    return { mine: row, his: column };
  }
  const { row, column } = bestSeen(game);
  return { mine: unit(game.rows, row), his: unit(game.columns, column) };
}

/** What both do at one state and second. */
export interface Strategy extends Mixes {
  /** Row that is best at each moment of the state, in order, when it is read. */
  readonly best: Int32Array;
}

/** The strategies of a solution. The last one is kept: all of a round's would fill the memory, and who asks goes from one to the next. */
export function knowingStrategies(solution: KnowingSolution): (state: number, left: number) => Strategy {
  const facedAt = facedIn(solution);
  let last = { state: -1, left: -1, strategy: null as Strategy | null };
  return (state, left) => {
    if (last.strategy !== null && last.state === state && last.left === left) return last.strategy;
    const faced = facedAt(state, left);
    const strategy = { ...mixesOf(solution, state, faced), best: faced.best };
    last = { state, left, strategy };
    return strategy;
  };
}

/** What both do in the solution: he by habit and freely, the owner by what he reads and by his mix. */
export function knowingPolicy(solution: KnowingSolution, strategyAt = knowingStrategies(solution)): Policy {
  const { readAt, freely, kernel: k } = solution;
  return (state, left, take) => {
    const readSkill = readAt[state]!;
    const { mine, his, best } = strategyAt(state, left);
    const from = k.firstColumn[state]!;
    const firstMoment = k.firstMoment[from]!;
    for (let c = from; c < k.firstColumn[state + 1]!; c++) {
      const shown = freely * his[c - from]! + (1 - freely) * k.columnShare[c]!;
      if (shown === 0) continue;
      for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
        const share = shown * k.momentShare[m]!;
        take(k.firstCell[m]! + best[m - firstMoment]!, share * readSkill);
        if (readSkill === 1) continue;
        for (let a = 0; a < mine.length; a++) if (mine[a]! > 0) take(k.firstCell[m]! + a, share * (1 - readSkill) * mine[a]!);
      }
    }
  };
}
