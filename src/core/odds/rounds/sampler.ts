import type { Random } from '../../base';
import type { OddsModel } from '../cells';
import type { Kernel } from '../kernel';
import type { Strategy } from '../knowing';
import { isKnowing, strategiesIn, type Solution } from '../solved';
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

/** Draws exchanges of a solved round: he by habit and freely, the owner by what he reads and by his mix. */
export class Sampler {
  private readonly strategyAt: (state: number, left: number) => Strategy;
  private readonly known: (readonly Outcome[])[] = [];
  private readonly stateOfCell: Int32Array;
  private readonly freely: number;
  private readonly readAt: Float64Array;
  readonly kernel: Kernel;

  constructor(
    private readonly model: OddsModel,
    solution: Solution,
  ) {
    this.kernel = solution.kernel;
    this.freely = isKnowing(solution) ? solution.freely : 0;
    this.readAt = solution.readAt;
    const strategies: Strategy[] = [];
    const find = strategiesIn(solution);
    this.strategyAt = (state, left) => (strategies[left * model.states + state] ??= find(state, left));
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

  /** The next exchange at a state with so many seconds left (> 0). Pre: play goes on there, and no shows were left out. */
  next(state: number, left: number, random: Random): Exchange {
    const { kernel: k, freely } = this;
    const readSkill = this.readAt[state]!;
    const { mine, his, best } = this.strategyAt(state, left);
    const [from, to] = [k.firstColumn[state]!, k.firstColumn[state + 1]!];
    const isFree = freely > 0 && random() < freely;
    const column = isFree ? from + drawn(his, 0, to - from, random) : drawn(k.columnShare, from, to, random);
    const moment = drawn(k.momentShare, k.firstMoment[column]!, k.firstMoment[column + 1]!, random);
    const isRead = readSkill >= 1 || random() < readSkill;
    const row = isRead ? best[moment - k.firstMoment[from]!]! : drawn(mine, 0, mine.length, random);
    const cell = k.firstCell[moment]! + row;
    const isOver = k.seconds[cell]! > left;
    const outcome = isOver ? null : drawnOutcome(this.outcomesOf(cell), random);
    return { state, left, moment, cell, row, isRead, outcome };
  }
}

/** A number in [from, to) with chances as they stand there, which sum to 1; what has none is never drawn. */
function drawn(chances: Float64Array, from: number, to: number, random: Random): number {
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
