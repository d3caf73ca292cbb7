import { RememberedGames } from '../../games';
import { readingsOf, type Kernel } from '../process/kernel';
import { bestSeen, Facing, type Strategy } from '../knowing';
import type { OddsQuestion } from '../question';
import { LinearRows } from './linearRows';

/** Changes of what the owner does while his opponent's mixes are held. */
const MOST_ANSWERS = 50;

/** The worths of all states on the steady clock while they are looked for, and what both do there. */
export class SteadyWork {
  readonly value: Float64Array;
  readonly roundSeconds: number;
  /** ρ by state. */
  readonly readAt: Float64Array;
  readonly freely: number;
  private readonly live: Int32Array;
  private readonly facing: Facing;
  private readonly games: RememberedGames;
  private readonly rows: LinearRows;
  /** His mixes of what he picks freely: by state its columns, and one for what was left out. */
  private readonly his: Float64Array;
  /** His column against each row of the owner where he sees it first: by state its rows. */
  private readonly reply: Int32Array;
  private readonly firstReply: Int32Array;
  /** The owner's mix at the state in hand. */
  private readonly mine: Float64Array;

  constructor(
    readonly kernel: Kernel,
    question: OddsQuestion,
    private readonly seesIt: Uint8Array,
    warm: Float64Array | undefined,
  ) {
    this.roundSeconds = question.roundSeconds;
    this.readAt = readingsOf(kernel, question.readSkill);
    this.freely = question.ask === 'knowing' ? question.freely : 0;
    this.value = Float64Array.from(kernel.worth, (worth, state) => (Number.isNaN(worth) ? (warm?.[state] ?? 0) : worth));
    this.live = Int32Array.from([...kernel.rows.keys()].filter((state) => kernel.rows[state]! > 0));
    this.facing = new Facing(kernel);
    this.games = new RememberedGames(kernel.rows.length, this.facing.longest);
    this.rows = new LinearRows(kernel.states);
    const count = kernel.rows.length;
    this.his = new Float64Array(kernel.columnShare.length + count);
    this.firstReply = new Int32Array(count + 1);
    for (let state = 0; state < count; state++) this.firstReply[state + 1] = this.firstReply[state]! + kernel.rows[state]!;
    this.reply = new Int32Array(this.firstReply[count]!);
    this.mine = new Float64Array(kernel.rows.reduce((most, count) => Math.max(most, count), 0));
  }

  /** Both choose alike, unseen. */
  private isGame(state: number): boolean {
    return this.freely > 0 && this.readAt[state]! < 1 && this.seesIt[state] === 0;
  }

  /** What both do against the worths as they stand; the largest difference that it makes. */
  answerEach(): number {
    let residual = 0;
    this.rows.clear();
    this.facing.survey(this, 0);
    for (const state of this.live) residual = Math.max(residual, Math.abs(this.answer(state) - this.value[state]!));
    return residual;
  }

  /** The same where all is as `before`, its worths and what both do, but for some places that were made anew. */
  answerAnew(before: SteadyWork, states: readonly number[]): number {
    this.rows.takeOver(before.rows, states);
    for (const state of states) this.facing.look(this, state, 0);
    return states.reduce((residual, state) => Math.max(residual, Math.abs(this.answer(state) - this.value[state]!)), 0);
  }

  /** Pre: its cells were looked at since the worths changed. */
  private answer(state: number): number {
    const { mine, his, facing, games } = this;
    const game = facing.faceSurveyed(this, state, 0);
    const from = this.hisFrom(state);
    mine.fill(0, 0, game.rows);
    if (this.isGame(state)) {
      const value = games.play(state, game);
      for (let a = 0; a < game.rows; a++) mine[a] = games.row[a]!;
      for (let c = 0; c < game.columns; c++) his[from + c] = games.column[c]!;
      this.write(state);
      return value;
    }
    const { row, column, value } = bestSeen(game, this.reply.subarray(this.firstReply[state]!));
    mine[row] = 1;
    his.fill(0, from, from + game.columns)[from + column] = 1;
    this.write(state);
    return value;
  }
  /** What a state is worth with all others as they stand. */
  worthAt(state: number): number {
    this.rows.clear();
    this.facing.look(this, state, 0);
    return this.answer(state);
  }
  /** What both do at a state with all others as they stand. */
  strategyAt(state: number): Strategy {
    this.worthAt(state);
    const { rows, columns, best } = this.facing;
    const { kernel: k } = this;
    const from = this.hisFrom(state);
    const moments = k.firstMoment[k.firstColumn[state + 1]!]! - k.firstMoment[k.firstColumn[state]!]!;
    return { mine: this.mine.slice(0, rows), his: this.his.slice(from, from + columns), best: best.slice(0, moments) };
  }
  /** How often each state is met from the starts, all alike, with the clock's factors. Pre: each has answered. */
  visitsFrom(starts: readonly number[]): Float64Array {
    return this.rows.visits(starts, this.kernel.states);
  }
  private hisFrom(state: number): number {
    return this.kernel.firstColumn[state]! + state;
  }

  /** The worths of what both do, followed for ever: a step of Newton's. */
  followForEver(exact: number): void {
    this.rows.solve(this.value, exact);
  }

  /** What he does is held, and the owner answers it at his best, for ever. Pre: each has answered. */
  answerHeld(exact: number): void {
    for (let answer = 0; answer < MOST_ANSWERS; answer++) {
      this.rows.clear();
      let most = 0;
      this.facing.survey(this, 0);
      for (const state of this.live) most = Math.max(most, Math.abs(this.bestAgainst(state) - this.value[state]!));
      if (most <= exact) return;
      this.rows.solve(this.value, exact / 100);
    }
  }
  private bestAgainst(state: number): number {
    const { rows, columns, entries } = this.facing.faceSurveyed(this, state, 0);
    const [from, first] = [this.hisFrom(state), this.firstReply[state]!];
    const isGame = this.isGame(state);
    let [best, most] = [0, -Infinity];
    for (let a = 0; a < rows; a++) {
      let worth = 0;
      if (isGame) for (let j = 0; j < columns; j++) worth += this.his[from + j]! * entries[a * columns + j]!;
      else worth = entries[a * columns + this.reply[first + a]!]!;
      if (worth > most) [best, most] = [a, worth];
    }
    this.mine.fill(0, 0, rows)[best] = 1;
    if (!isGame) this.his.fill(0, from, from + columns)[from + this.reply[first + best]!] = 1;
    this.write(state);
    return most;
  }

  /** The state's worth as a sum over the others, with what both do there. Pre: it was faced last. */
  private write(state: number): void {
    const { kernel: k, freely, mine, his, rows } = this;
    const readSkill = this.readAt[state]!;
    const { best, rows: count } = this.facing;
    const from = k.firstColumn[state]!;
    const firstMoment = k.firstMoment[from]!;
    rows.begin(state);
    for (let c = from; c < k.firstColumn[state + 1]!; c++) {
      const shown = freely * his[c + state]! + (1 - freely) * k.columnShare[c]!;
      if (shown === 0) continue;
      for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
        const share = shown * k.momentShare[m]!;
        if (readSkill > 0) this.take(k.firstCell[m]! + best[m - firstMoment]!, share * readSkill);
        if (readSkill < 1)
          for (let a = 0; a < count; a++) if (mine[a]! > 0) this.take(k.firstCell[m]! + a, share * (1 - readSkill) * mine[a]!);
      }
    }
    rows.end();
  }
  private take(cell: number, share: number): void {
    const { kernel: k, rows } = this;
    rows.addCertain(share * k.certain[cell]!);
    for (let o = k.firstOutcome[cell]!; o < k.endOfLive[cell]!; o++) rows.add(k.target[o]!, share * k.chance[o]!);
  }
}
