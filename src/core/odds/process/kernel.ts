import type { Cell, OddsModel, Place } from './cells';
import type { Risk } from './chances';
import type { Unseen } from './leftOut';

/**
 * The decision process as flat arrays: columns of a state, moments of a column, cells of a moment (one for each row) and outcomes
 * of a cell lie one behind the other.
 */
export interface Kernel {
  readonly states: number;
  readonly rows: Int32Array;
  readonly firstColumn: Int32Array;
  readonly columnShare: Float64Array;
  readonly firstMoment: Int32Array;
  readonly momentShare: Float64Array;
  readonly firstCell: Int32Array;
  readonly seconds: Int32Array;
  /** Outcomes of a cell: first those where play goes on, from `endOfLive` those that end it. */
  readonly firstOutcome: Int32Array;
  readonly endOfLive: Int32Array;
  readonly chance: Float64Array;
  readonly target: Int32Array;
  /** What a cell's final outcomes are worth together, in time. */
  readonly certain: Float64Array;
  /** Chance that he recovers his guard from it and that this leads to another place. */
  readonly recovers: Float64Array;
  /** Of a state on arrival, NaN where play goes on. */
  readonly worth: Float64Array;
  /** Of a state where shows were left out, though he may never show them by habit: what each row can come to against them. */
  readonly unseen: readonly (readonly Unseen[] | null)[];
  /** A state's own reading skill in [0, 1], NaN = as the question has it. */
  readonly ownReading: Float64Array;
}

/** Chances of what he shows that was left out at a state, and of the moment where it was not, both in [0, 1]. */
export function leftOutAt(k: Kernel, state: number): { readonly shows: number; readonly moments: number } {
  const [from, to] = [k.firstColumn[state]!, k.firstColumn[state + 1]!];
  const sum = (shares: Float64Array): number => shares.reduce((all, share) => all + share, 0);
  const moments = sum(k.momentShare.subarray(k.firstMoment[from], k.firstMoment[from + 1]));
  return { shows: Math.max(0, 1 - sum(k.columnShare.subarray(from, to))), moments: Math.max(0, 1 - moments) };
}

/** ρ by state: its own, or as it is asked. */
export const readingsOf = ({ ownReading }: Kernel, asked: number): Float64Array =>
  ownReading.map((own) => (Number.isNaN(own) ? asked : own));

/** Chances by state, added up; there are never more than a handful. */
class Outcomes {
  readonly states: number[] = [];
  readonly chances: number[] = [];
  recovers = 0;
  /** What its successes give besides what their places are worth. */
  reward = 0;

  add(state: number, chance: number): void {
    if (chance <= 0) return;
    const at = this.states.indexOf(state);
    if (at >= 0) this.chances[at]! += chance;
    else {
      this.states.push(state);
      this.chances.push(chance);
    }
  }
  /** A failure that nothing drawn follows. */
  risk(at: number, place: Place, { turned, recovered }: Risk, chance: number, turnedState: number): void {
    this.add(turnedState, chance * turned);
    this.add(place.recoversTo, chance * recovered);
    this.add(at, chance * (1 - turned - recovered));
    if (place.recoversTo !== at) this.recovers += chance * recovered;
  }
}

/** Where a cell leads: success, then failure in MODEL's order; `u` = how much of what he can do is not drawn. */
export function outcomesOf(model: OddsModel, at: number, place: Place, cell: Cell, u: number): Outcomes {
  const found = new Outcomes();
  const risk = cell.fit === null ? place.risks.hold : place.risks.attempt;
  const works = (1 - u) * cell.success + u * cell.unforeseen;
  if (cell.to >= 0) found.add(cell.to, works);
  found.reward += works * cell.reward;
  const drawn = (1 - u) * (1 - cell.success);
  const unforeseen = u * (1 - cell.unforeseen);
  if (cell.onFail >= 0) {
    found.add(cell.onFail, drawn + unforeseen);
    return found;
  }
  let rest = drawn;
  for (const { chance, works: itWorks, to, reward } of cell.consequences) {
    const taken = drawn * chance * itWorks;
    found.add(to, taken);
    found.reward += taken * reward;
    rest -= taken;
  }
  found.risk(at, place, risk, rest + unforeseen, model.turned);
  return found;
}

/** Arrays of some states, one state behind the other. */
class Writer {
  readonly firstColumn: number[] = [];
  readonly columnShare: number[] = [];
  readonly firstMoment: number[] = [];
  readonly momentShare: number[] = [];
  readonly firstCell: number[] = [];
  readonly seconds: number[] = [];
  readonly firstOutcome: number[] = [];
  readonly endOfLive: number[] = [];
  readonly chance: number[] = [];
  readonly target: number[] = [];
  readonly certain: number[] = [];
  readonly recovers: number[] = [];

  constructor(
    private readonly model: OddsModel,
    private readonly isDrawn: boolean,
  ) {}

  addState(at: number, place: Place | null): void {
    this.firstColumn.push(this.columnShare.length);
    place?.columns.forEach((column, c) => {
      this.columnShare.push(column.share);
      this.firstMoment.push(this.momentShare.length);
      column.moments.forEach((moment, m) => {
        this.momentShare.push(moment.share);
        this.firstCell.push(this.seconds.length);
        for (const cell of place.cells[c]![m]!) this.addCell(at, place, cell);
      });
    });
  }
  private addCell(at: number, place: Place, cell: Cell): void {
    const { worth } = this.model;
    const outcomes = outcomesOf(this.model, at, place, cell, this.isDrawn ? 0 : place.undrawn);
    this.seconds.push(cell.seconds);
    this.firstOutcome.push(this.chance.length);
    let certain = outcomes.reward;
    const add = (i: number): void => {
      this.chance.push(outcomes.chances[i]!);
      this.target.push(outcomes.states[i]!);
    };
    outcomes.states.forEach((state, i) => {
      if (Number.isNaN(worth[state]!)) add(i);
      else certain += outcomes.chances[i]! * worth[state]!;
    });
    this.endOfLive.push(this.chance.length);
    outcomes.states.forEach((state, i) => void (Number.isNaN(worth[state]!) || add(i)));
    this.certain.push(certain);
    this.recovers.push(outcomes.recovers);
  }
}

/** Arrays of the states that were written, closed. */
function closed(all: Writer, places: readonly (Place | null)[], { states, worth }: OddsModel): Kernel {
  return {
    states,
    rows: Int32Array.from(places, (place) => place?.rows.length ?? 0),
    firstColumn: new Int32Array([...all.firstColumn, all.columnShare.length]),
    columnShare: new Float64Array(all.columnShare),
    firstMoment: new Int32Array([...all.firstMoment, all.momentShare.length]),
    momentShare: new Float64Array(all.momentShare),
    firstCell: new Int32Array([...all.firstCell, all.seconds.length]),
    seconds: new Int32Array(all.seconds),
    firstOutcome: new Int32Array([...all.firstOutcome, all.chance.length]),
    endOfLive: new Int32Array(all.endOfLive),
    chance: new Float64Array(all.chance),
    target: new Int32Array(all.target),
    certain: new Float64Array(all.certain),
    recovers: new Float64Array(all.recovers),
    worth,
    unseen: places.map((place) => place?.unseen ?? null),
    ownReading: Float64Array.from(places, (place) => place?.position.readSkill ?? Number.NaN),
  };
}

/** `isDrawn`: as if nothing unforeseen came (u = 0 everywhere). */
export function kernelOf(model: OddsModel, isDrawn: boolean): Kernel {
  const places = Array.from({ length: model.states }, (_, at) => model.places[at] ?? null);
  const all = new Writer(model, isDrawn);
  places.forEach((place, at) => all.addState(at, place));
  return closed(all, places, model);
}

/** One place of it alone, as the first state; its outcomes lead to the states of the whole. */
export function kernelOfPlace(model: OddsModel, at: number, place: Place): Kernel {
  const one = new Writer(model, false);
  one.addState(at, place);
  return closed(one, [place], model);
}

type Numbers = Int32Array | Float64Array | Uint8Array;

/** `all` with what stands in [from, to) replaced; what follows the part is moved on by `shift`, the part itself by `base`. */
function spliced<T extends Numbers>(all: T, from: number, to: number, part: Numbers | readonly number[], base = 0, shift = 0): T {
  const found = new (all.constructor as new (size: number) => T)(all.length - (to - from) + part.length);
  found.set(all.subarray(0, from));
  for (let i = 0; i < part.length; i++) found[from + i] = part[i]! + base;
  const after = from + part.length;
  found.set(all.subarray(to), after);
  if (shift !== 0) for (let i = after; i < found.length; i++) found[i]! += shift;
  return found;
}

/** The process with another place, alone in `piece`, at a state where play goes on; all else as it is. Copies only: O(size). */
export function withPiece(kernel: Kernel, at: number, piece: Kernel): Kernel {
  const [c0, c1] = [kernel.firstColumn[at]!, kernel.firstColumn[at + 1]!];
  const [m0, m1] = [kernel.firstMoment[c0]!, kernel.firstMoment[c1]!];
  const [x0, x1] = [kernel.firstCell[m0]!, kernel.firstCell[m1]!];
  const [o0, o1] = [kernel.firstOutcome[x0]!, kernel.firstOutcome[x1]!];
  const more = (now: Numbers, from: number, to: number): number => now.length - (to - from);
  const outcomes = more(piece.chance, o0, o1);
  return {
    states: kernel.states,
    rows: spliced(kernel.rows, at, at + 1, piece.rows),
    firstColumn: spliced(kernel.firstColumn, at, at + 1, [c0], 0, more(piece.columnShare, c0, c1)),
    columnShare: spliced(kernel.columnShare, c0, c1, piece.columnShare),
    firstMoment: spliced(kernel.firstMoment, c0, c1, piece.firstMoment.subarray(0, -1), m0, more(piece.momentShare, m0, m1)),
    momentShare: spliced(kernel.momentShare, m0, m1, piece.momentShare),
    firstCell: spliced(kernel.firstCell, m0, m1, piece.firstCell.subarray(0, -1), x0, more(piece.seconds, x0, x1)),
    seconds: spliced(kernel.seconds, x0, x1, piece.seconds),
    firstOutcome: spliced(kernel.firstOutcome, x0, x1, piece.firstOutcome.subarray(0, -1), o0, outcomes),
    endOfLive: spliced(kernel.endOfLive, x0, x1, piece.endOfLive, o0, outcomes),
    chance: spliced(kernel.chance, o0, o1, piece.chance),
    target: spliced(kernel.target, o0, o1, piece.target),
    certain: spliced(kernel.certain, x0, x1, piece.certain),
    recovers: spliced(kernel.recovers, x0, x1, piece.recovers),
    worth: kernel.worth,
    unseen: kernel.unseen.with(at, piece.unseen[0]!),
    ownReading: spliced(kernel.ownReading, at, at + 1, piece.ownReading),
  };
}
