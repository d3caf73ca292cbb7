import type { Random } from '../../base';
import type { OddsModel } from '../process/cells';
import type { Kernel } from '../process/kernel';
import { knowingStrategies } from '../knowing';
import { isKnowing, type Solution } from '../solved';
import { outcomesApart, type Outcome } from './eventCells';

/** One exchange of a round, as numbers: the moment that came, the row that was chosen, and what came of it. */
export interface Exchange {
  readonly state: number;
  /** Seconds left when it began. */
  readonly left: number;
  readonly moment: number;
  readonly cell: number;
  readonly row: number;
  readonly isRead: boolean;
  /** Null = the round was over before it was. */
  readonly outcome: Outcome | null;
}

/** What both do at a state with so many seconds left, as numbers. */
interface Playing {
  /** His mix of what he picks freely, by column. */
  readonly his: (state: number, left: number) => Float64Array;
  /** My row at a moment that is read: its number among all, and among those of the state. */
  readonly seen: (state: number, left: number, moment: number, here: number) => number;
  readonly unseen: (state: number, left: number, random: Random) => number;
}
const NOBODY = new Float64Array(0);

function playingOf(solution: Solution): Playing {
  if (isKnowing(solution)) {
    const strategyAt = knowingStrategies(solution);
    return {
      his: (state, left) => strategyAt(state, left).his,
      seen: (state, left, _moment, here) => strategyAt(state, left).best[here]!,
      unseen: (state, left, random) => {
        const { mine } = strategyAt(state, left);
        return drawn(mine, 0, mine.length, random);
      },
    };
  }
  const { kernel, seen, blind } = solution;
  const moments = kernel.momentShare.length;
  return {
    his: () => NOBODY,
    seen: (_state, left, moment) => seen[left * moments + moment]!,
    unseen: (state, left) => blind[left * kernel.states + state]!,
  };
}

/** Draws exchanges of a solved round: he by habit and freely, the owner by what he reads and by his mix. */
export class Sampler {
  private readonly playing: Playing;
  private readonly known: (readonly Outcome[])[] = [];
  private readonly stateOfCell: Int32Array;
  private readonly freely: number;
  private readonly readAt: Float64Array;
  readonly kernel: Kernel;
  /** Of the last exchange. */
  secondsTaken = 0;
  private moment = 0;
  private row = 0;
  private cell = 0;
  private isRead = false;

  constructor(
    private readonly model: OddsModel,
    solution: Solution,
  ) {
    this.kernel = solution.kernel;
    this.freely = isKnowing(solution) ? solution.freely : 0;
    this.readAt = solution.readAt;
    this.playing = playingOf(solution);
    this.stateOfCell = new Int32Array(this.kernel.seconds.length);
    for (let state = 0; state < this.kernel.states; state++) {
      const [from, to] = [this.kernel.firstColumn[state]!, this.kernel.firstColumn[state + 1]!];
      const cells = [this.kernel.firstCell[this.kernel.firstMoment[from]!]!, this.kernel.firstCell[this.kernel.firstMoment[to]!]!];
      this.stateOfCell.fill(state, cells[0], cells[1]);
    }
  }

  private outcomesOf(cell: number): readonly Outcome[] {
    const known = this.known[cell];
    if (known) return known;
    const state = this.stateOfCell[cell]!;
    const place = this.model.places[state]!;
    const first = this.kernel.firstCell[this.kernel.firstMoment[this.kernel.firstColumn[state]!]!]!;
    return (this.known[cell] = outcomesApart(this.model, state, place, place.cells.flat(2)[cell - first]!));
  }

  /** What is done next at a state with so many seconds left (> 0). Pre: play goes on there, and no shows were left out. */
  private choose(state: number, left: number, random: Random): void {
    const { kernel: k, freely } = this;
    const readSkill = this.readAt[state]!;
    const from = k.firstColumn[state]!;
    const to = k.firstColumn[state + 1]!;
    const isFree = freely > 0 && random() < freely;
    const column = isFree ? from + drawn(this.playing.his(state, left), 0, to - from, random) : drawn(k.columnShare, from, to, random);
    this.moment = drawn(k.momentShare, k.firstMoment[column]!, k.firstMoment[column + 1]!, random);
    this.isRead = readSkill >= 1 || random() < readSkill;
    this.row = this.isRead
      ? this.playing.seen(state, left, this.moment, this.moment - k.firstMoment[from]!)
      : this.playing.unseen(state, left, random);
    this.cell = k.firstCell[this.moment]! + this.row;
  }

  /** The next exchange, told. Pre: as above. */
  next(state: number, left: number, random: Random): Exchange {
    this.choose(state, left, random);
    const { moment, row, isRead, cell } = this;
    const isOver = this.kernel.seconds[cell]! > left;
    const outcome = isOver ? null : drawnOutcome(this.outcomesOf(cell), random);
    return { state, left, moment, cell, row, isRead, outcome };
  }
  /** Where it leads alone, for rounds that are only counted: a state, with `secondsTaken` gone; -1 = the round was over before. */
  land(state: number, left: number, random: Random): number {
    this.choose(state, left, random);
    const { kernel: k, cell } = this;
    this.secondsTaken = k.seconds[cell]!;
    if (this.secondsTaken > left) return -1;
    return k.target[drawn(k.chance, k.firstOutcome[cell]!, k.firstOutcome[cell + 1]!, random)]!;
  }
}

/** A number in [from, to) with chances as they stand there, which sum to 1; what has none is never drawn. */
function drawn(chances: Float64Array, from: number, to: number, random: Random): number {
  if (to - from === 1) return from;
  let rest = random();
  let last = from;
  for (let i = from; i < to; i++) {
    const chance = chances[i]!;
    if (chance === 0) continue;
    last = i;
    rest -= chance;
    if (rest < 0) return i;
  }
  return last;
}

function drawnOutcome(outcomes: readonly Outcome[], random: Random): Outcome {
  let rest = random();
  for (const outcome of outcomes) {
    rest -= outcome.chance;
    if (rest < 0) return outcome;
  }
  return outcomes[outcomes.length - 1]!;
}
