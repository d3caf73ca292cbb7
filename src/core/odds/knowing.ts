import type { InPieces } from '../base';
import { gameValue, solveGame, type MatrixGame } from '../games';
import type { Kernel } from './kernel';
import type { Policy } from './outlook';
import type { HeKnowsYourGame } from './question';
import { TIE, worthOf } from './roundClock';

export interface KnowingSolution extends HeKnowsYourGame {
  readonly kernel: Kernel;
  /** 1 where he sees the choice before he picks, by state. */
  readonly seesIt: Uint8Array;
  /** Worth of `state` with `left` seconds: value[left * states + state]. */
  readonly value: Float64Array;
}
/** A position with so many seconds left, as both stand before it. */
export interface Faced {
  /** What the owner gets by row (unread) and column (picked freely). */
  readonly game: MatrixGame;
  /** Row that is best at each moment of the state, in order, when it is read. */
  readonly best: Int32Array;
}

/**
 * What his habits and his free picks make of each option; `missingWorth` as in the round clock. For the lower bound a show that was
 * left out stands as a last column that is worth nothing: he may pick it.
 */
export function facedAt(solution: Omit<KnowingSolution, 'seesIt'>, state: number, left: number, missingWorth: 0 | 1 = 0): Faced {
  const { kernel: k, readSkill, freely } = solution;
  const rows = k.rows[state]!;
  const [from, to] = [k.firstColumn[state]!, k.firstColumn[state + 1]!];
  const columns = to - from + (k.isBounded[state] === 1 && missingWorth === 0 ? 1 : 0);
  const entries = new Float64Array(rows * columns);
  const habit = new Float64Array(rows);
  const firstMoment = k.firstMoment[from]!;
  const best = new Int32Array(k.firstMoment[to]! - firstMoment);
  for (let c = from; c < to; c++) {
    let read = 0;
    for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
      const share = k.momentShare[m]!;
      let most = -Infinity;
      for (let a = 0; a < rows; a++) {
        const worth = worthOf(solution, k.firstCell[m]! + a, left);
        entries[a * columns + c - from]! += share * worth;
        if (worth > most + TIE) {
          most = worth;
          best[m - firstMoment] = a;
        }
      }
      read += share * most;
    }
    for (let a = 0; a < rows; a++) {
      const at = a * columns + c - from;
      entries[at] = readSkill * read + (1 - readSkill) * entries[at]!;
      habit[a]! += k.columnShare[c]! * entries[at]!;
    }
  }
  for (let a = 0; a < rows; a++) {
    const byHabit = habit[a]! + k.missing[state]! * missingWorth;
    for (let j = 0; j < columns; j++) entries[a * columns + j] = freely * entries[a * columns + j]! + (1 - freely) * byHabit;
  }
  return { game: { rows, columns, entries }, best };
}

interface Pure {
  readonly row: number;
  readonly column: number;
  readonly value: number;
}
/** The best row if the column is picked after it has been seen. */
function seen({ rows, columns, entries }: MatrixGame): Pure {
  let found: Pure = { row: 0, column: 0, value: -Infinity };
  for (let a = 0; a < rows; a++) {
    let worst = 0;
    for (let j = 1; j < columns; j++) if (entries[a * columns + j]! < entries[a * columns + worst]! - TIE) worst = j;
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
  missingWorth: 0 | 1 = 0,
): InPieces<KnowingSolution> {
  const { states, worth } = kernel;
  const { roundSeconds, readSkill } = question;
  const solution: KnowingSolution = { ...question, kernel, seesIt, value: new Float64Array((roundSeconds + 1) * states) };
  for (let left = 0; left <= roundSeconds; left++) {
    for (let state = 0; state < states; state++) {
      const at = left * states + state;
      if (!Number.isNaN(worth[state]!)) solution.value[at] = worth[state]!;
      else if (left > 0) {
        const { game } = facedAt(solution, state, left, missingWorth);
        // Everything read: no choice is blind, and seeing it changes nothing.
        solution.value[at] = readSkill >= 1 || seesIt[state] === 1 ? seen(game).value : gameValue(game);
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
export function mixesOf({ seesIt, readSkill }: KnowingSolution, state: number, { game }: Faced): Mixes {
  if (readSkill < 1 && seesIt[state] !== 1) {
    const { row, column } = solveGame(game);
    return { mine: row, his: column };
  }
  const { row, column } = seen(game);
  return { mine: unit(game.rows, row), his: unit(game.columns, column) };
}

/** What both do at one state and second. */
export interface Strategy extends Mixes {
  /** Row that is best at each moment of the state, in order, when it is read. */
  readonly best: Int32Array;
}

/** The strategies of a solution, each found once. */
export function knowingStrategies(solution: KnowingSolution): (state: number, left: number) => Strategy {
  const known = new Map<number, Strategy>();
  return (state, left) => {
    const key = left * solution.kernel.states + state;
    const strategy = known.get(key);
    if (strategy) return strategy;
    const faced = facedAt(solution, state, left);
    const found = { ...mixesOf(solution, state, faced), best: faced.best };
    known.set(key, found);
    return found;
  };
}

/** What both do in the solution: he by habit and freely, the owner by what he reads and by his mix. */
export function knowingPolicy(solution: KnowingSolution): Policy {
  const { readSkill, freely, kernel: k } = solution;
  const strategyAt = knowingStrategies(solution);
  return (state, left, take) => {
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
