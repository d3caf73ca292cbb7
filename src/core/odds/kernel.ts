import type { Cell, OddsModel, Place } from './cells';
import type { Risk } from './chances';

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
  readonly missing: Float64Array;
  /** 1 where shows were left out, though he may never show them by habit. */
  readonly isBounded: Uint8Array;
}

/** Chances by state, added up; there are never more than a handful. */
class Outcomes {
  readonly states: number[] = [];
  readonly chances: number[] = [];
  recovers = 0;

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
  if (cell.to >= 0) found.add(cell.to, (1 - u) * cell.success + u * cell.unforeseen);
  const drawn = (1 - u) * (1 - cell.success);
  const unforeseen = u * (1 - cell.unforeseen);
  if (cell.onFail >= 0) {
    found.add(cell.onFail, drawn + unforeseen);
    return found;
  }
  let rest = drawn;
  for (const { chance, works, to } of cell.consequences) {
    found.add(to, drawn * chance * works);
    rest -= drawn * chance * works;
  }
  found.risk(at, place, risk, rest + unforeseen, model.turned);
  return found;
}

/** `isDrawn`: as if nothing unforeseen came (u = 0 everywhere). */
export function kernelOf(model: OddsModel, isDrawn: boolean): Kernel {
  const { states, places, worth } = model;
  const lists = {
    columnShare: [] as number[],
    firstMoment: [] as number[],
    momentShare: [] as number[],
    firstCell: [] as number[],
    seconds: [] as number[],
    firstOutcome: [] as number[],
    endOfLive: [] as number[],
    chance: [] as number[],
    target: [] as number[],
    certain: [] as number[],
    recovers: [] as number[],
  };
  const rows = new Int32Array(states);
  const firstColumn = new Int32Array(states + 1);
  const missing = new Float64Array(states);
  const isBounded = new Uint8Array(states);
  const addCell = (at: number, place: Place, cell: Cell): void => {
    const outcomes = outcomesOf(model, at, place, cell, isDrawn ? 0 : place.undrawn);
    const isLive = (i: number): boolean => Number.isNaN(worth[outcomes.states[i]!]!);
    const order = [...outcomes.states.keys()].sort((a, b) => Number(isLive(b)) - Number(isLive(a)));
    lists.seconds.push(cell.seconds);
    lists.firstOutcome.push(lists.chance.length);
    lists.endOfLive.push(lists.chance.length + order.filter(isLive).length);
    for (const i of order) {
      lists.chance.push(outcomes.chances[i]!);
      lists.target.push(outcomes.states[i]!);
    }
    lists.certain.push(order.reduce((sum, i) => (isLive(i) ? sum : sum + outcomes.chances[i]! * worth[outcomes.states[i]!]!), 0));
    lists.recovers.push(outcomes.recovers);
  };
  for (let at = 0; at < states; at++) {
    const place = places[at] ?? null;
    firstColumn[at] = lists.columnShare.length;
    if (!place) continue;
    rows[at] = place.rows.length;
    missing[at] = place.missing;
    isBounded[at] = Number(place.isBounded);
    place.columns.forEach((column, c) => {
      lists.columnShare.push(column.share);
      lists.firstMoment.push(lists.momentShare.length);
      column.moments.forEach((moment, m) => {
        lists.momentShare.push(moment.share);
        lists.firstCell.push(lists.seconds.length);
        for (const cell of place.cells[c]![m]!) addCell(at, place, cell);
      });
    });
  }
  firstColumn[states] = lists.columnShare.length;
  return {
    states,
    rows,
    firstColumn,
    columnShare: Float64Array.from(lists.columnShare),
    firstMoment: Int32Array.from([...lists.firstMoment, lists.momentShare.length]),
    momentShare: Float64Array.from(lists.momentShare),
    firstCell: Int32Array.from([...lists.firstCell, lists.seconds.length]),
    seconds: Int32Array.from(lists.seconds),
    firstOutcome: Int32Array.from([...lists.firstOutcome, lists.chance.length]),
    endOfLive: Int32Array.from(lists.endOfLive),
    chance: Float64Array.from(lists.chance),
    target: Int32Array.from(lists.target),
    certain: Float64Array.from(lists.certain),
    recovers: Float64Array.from(lists.recovers),
    worth,
    missing,
    isBounded,
  };
}
