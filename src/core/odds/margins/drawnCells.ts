import type { TransitionId, TreeDocument } from '../../tree';
import type { OddsModel, Place } from '../process/cells';
import type { Fit } from '../process/chances';
import type { Kernel } from '../process/kernel';
import { shareNumbers, type DrawnChances } from './draws';

const FITS: readonly (Fit | null)[] = ['works', 'offCue', 'stopped', null];

/** A factor of a share: the sum of some values' shares. */
type Values = readonly number[];

/**
 * Where each cell leads, its chances left open: for draws, which change nothing else. Cells in the kernel's order; the outcomes of a cell
 * lie one behind the other: where it succeeds, then where all failures go, or each consequence, where he recovers to, where it stays, and
 * where it costs something that he turns it, that.
 */
export class DrawnCells {
  readonly firstOutcome: Int32Array;
  readonly target: Int32Array;
  readonly chance: Float64Array;
  /** What an outcome gives besides what its place is worth; null = none gives anything. */
  readonly gain: Float64Array | null;
  readonly columnShare: Float64Array;
  readonly momentShare: Float64Array;
  /** He who turns it gets something for it: one outcome more. */
  private readonly isTurnedPaid: boolean;
  /** By cell: number of its fit, of its move (-1 = hold), how much is not drawn, what the tempo makes of a failure. */
  private readonly fit: Uint8Array;
  private readonly move: Int32Array;
  private readonly undrawn: Float64Array;
  private readonly turned: Float64Array;
  private readonly recovered: Float64Array;
  private readonly hasOnFail: Uint8Array;
  private readonly firstConsequence: Int32Array;
  private readonly his: Int32Array;
  private readonly taken: Float64Array;
  /** By column and by moment: the values that its share is made of. */
  private readonly columnOf: readonly (readonly Values[])[];
  private readonly momentOf: readonly (readonly Values[])[];
  private readonly places: readonly { readonly first: number; readonly shares: readonly number[] }[];

  constructor(
    tree: TreeDocument,
    model: OddsModel,
    readonly kernel: Kernel,
  ) {
    const moves = new Map<TransitionId, number>(tree.transitions.map(({ id }, i) => [id, i]));
    const places = model.places.flatMap((place, state) => (place ? [{ state, place }] : []));
    const first = [0];
    const target: number[] = [];
    const gain: number[] = [];
    const firstConsequence = [0];
    const his: number[] = [];
    const taken: number[] = [];
    const cells = places.flatMap(({ state, place }) =>
      place.cells.flat(2).map((cell, i) => ({ state, place, cell, row: place.rows[i % place.rows.length]! })),
    );
    this.isTurnedPaid = model.worth[model.turned] !== 0;
    const lead = (to: number, reward = 0): void => {
      target.push(to);
      gain.push(reward);
    };
    for (const { state, place, cell } of cells) {
      lead(cell.to >= 0 ? cell.to : state, cell.reward);
      if (cell.onFail >= 0) lead(cell.onFail);
      else {
        for (const { transition, chance, to, reward } of cell.consequences) {
          lead(to, reward);
          his.push(moves.get(transition.id)!);
          taken.push(chance);
        }
        lead(place.recoversTo);
        lead(state);
        if (this.isTurnedPaid) lead(model.turned);
      }
      first.push(target.length);
      firstConsequence.push(his.length);
    }
    const riskOf = ({ place, cell }: (typeof cells)[number]) => (cell.fit === null ? place.risks.hold : place.risks.attempt);
    this.fit = Uint8Array.from(cells, ({ cell }) => FITS.indexOf(cell.fit));
    this.move = Int32Array.from(cells, ({ row }) => (row ? moves.get(row.id)! : -1));
    this.undrawn = Float64Array.from(cells, ({ place }) => place.undrawn);
    this.turned = Float64Array.from(cells, (cell) => riskOf(cell).turned);
    this.recovered = Float64Array.from(cells, (cell) => riskOf(cell).recovered);
    this.hasOnFail = Uint8Array.from(cells, ({ cell }) => Number(cell.onFail >= 0));
    this.firstConsequence = Int32Array.from(firstConsequence);
    this.his = Int32Array.from(his);
    this.taken = Float64Array.from(taken);
    const numbers = shareNumbers(tree);
    const valuesOf = (state: number, groups: Place['columns'][number]['groups']): Values[] =>
      groups.map(({ read, values }) => values.map((value) => numbers[state]!.get(read)!.get(value)!));
    this.columnOf = places.flatMap(({ state, place }) => place.columns.map(({ groups }) => valuesOf(state, groups)));
    this.momentOf = places.flatMap(({ state, place }) =>
      place.columns.flatMap(({ moments }) => moments.map(({ groups }) => valuesOf(state, groups))),
    );
    this.places = places.map(({ state, place }) => ({
      first: kernel.firstColumn[state]!,
      shares: place.columns.map(({ share }) => share),
    }));
    this.firstOutcome = Int32Array.from(first);
    this.target = Int32Array.from(target);
    this.chance = new Float64Array(target.length);
    this.gain = gain.some((reward) => reward !== 0) ? Float64Array.from(gain) : null;
    this.columnShare = new Float64Array(kernel.columnShare.length);
    this.momentShare = new Float64Array(kernel.momentShare.length);
  }

  /** Takes over one draw of all chances. */
  draw(drawn: DrawnChances): void {
    const byFit = [drawn.works, drawn.offCue, drawn.stopped];
    for (let i = 0; i < this.fit.length; i++) this.drawCell(i, byFit[this.fit[i]!], drawn);
    const share = (of: readonly Values[]): number =>
      of.reduce((product, values) => product * values.reduce((sum, value) => sum + drawn.shares[value]!, 0), 1);
    this.momentOf.forEach((of, m) => void (this.momentShare[m] = share(of)));
    this.columnOf.forEach((of, c) => void (this.columnShare[c] = share(of)));
    for (const { first, shares } of this.places) this.normalise(first, shares);
  }

  private drawCell(i: number, chances: Float64Array | undefined, { works, offCue }: DrawnChances): void {
    const { chance } = this;
    const u = this.undrawn[i]!;
    const move = this.move[i]!;
    const p = chances ? chances[move]! : 0;
    const unforeseen = chances ? Math.min(p, offCue[move]!) : 0;
    let at = this.firstOutcome[i]!;
    chance[at++] = (1 - u) * p + u * unforeseen;
    const failed = (1 - u) * (1 - p);
    if (this.hasOnFail[i] === 1) {
      chance[at] = failed + u * (1 - unforeseen);
      return;
    }
    let rest = failed;
    for (let c = this.firstConsequence[i]!; c < this.firstConsequence[i + 1]!; c++) {
      const his = failed * this.taken[c]! * works[this.his[c]!]!;
      chance[at++] = his;
      rest -= his;
    }
    rest += u * (1 - unforeseen);
    chance[at] = rest * this.recovered[i]!;
    chance[at + 1] = rest * (1 - this.turned[i]! - this.recovered[i]!);
    if (this.isTurnedPaid) chance[at + 2] = rest * this.turned[i]!;
  }

  /** Where values were taken out, what is left is all there is. */
  private normalise(first: number, shares: readonly number[]): void {
    let all = 0;
    for (let c = 0; c < shares.length; c++) all += this.columnShare[first + c]!;
    for (let c = 0; c < shares.length; c++) this.columnShare[first + c] = all > 0 ? this.columnShare[first + c]! / all : shares[c]!;
  }
}
