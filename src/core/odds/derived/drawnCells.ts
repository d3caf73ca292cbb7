import type { TransitionId, TreeDocument } from '../../tree';
import type { Cell, OddsModel, Place } from '../cells';
import type { DrawnChances } from './draws';
import type { Kernel } from '../kernel';

/** Where each cell leads, its chances left open: for draws, which change nothing else. Cells in the kernel's order. */
export class DrawnCells {
  readonly states: number;
  readonly success: Float64Array;
  /** Chance of what fails, where `onFail` takes all of it, else of what the tempo decides. */
  readonly failure: Float64Array;
  readonly to: Int32Array;
  readonly onFail: Int32Array;
  readonly firstConsequence: Int32Array;
  readonly consequenceTo: Int32Array;
  readonly consequence: Float64Array;
  /** By cell: the state it is at, and what the tempo makes of a failure there. */
  readonly at: Int32Array;
  readonly turned: Float64Array;
  readonly recovered: Float64Array;
  readonly recoversTo: Int32Array;
  readonly columnShare: Float64Array;
  readonly momentShare: Float64Array;
  private readonly cells: { readonly place: Place; readonly cell: Cell; readonly move: number }[] = [];
  private readonly consequences: { readonly move: number; readonly chance: number }[] = [];
  private readonly places: { readonly state: number; readonly place: Place }[];

  constructor(
    tree: TreeDocument,
    private readonly model: OddsModel,
    readonly kernel: Kernel,
  ) {
    const moves = new Map<TransitionId, number>(tree.transitions.map(({ id }, i) => [id, i]));
    this.states = model.states;
    this.places = model.places.flatMap((place, state) => (place ? [{ state, place }] : []));
    const at: number[] = [];
    const first = [0];
    const reached: number[] = [];
    for (const { state, place } of this.places)
      place.cells.flat(2).forEach((cell, i) => {
        const row = place.rows[i % place.rows.length]!;
        this.cells.push({ place, cell, move: row ? moves.get(row.id)! : -1 });
        at.push(state);
        for (const { transition, chance, to } of cell.consequences) {
          this.consequences.push({ move: moves.get(transition.id)!, chance });
          reached.push(to);
        }
        first.push(this.consequences.length);
      });
    const size = this.cells.length;
    const risk = (i: number) => {
      const { place, cell } = this.cells[i]!;
      return cell.fit === null ? place.risks.hold : place.risks.attempt;
    };
    const of = (value: (i: number) => number) => Array.from({ length: size }, (_, i) => value(i));
    this.at = Int32Array.from(at);
    this.firstConsequence = Int32Array.from(first);
    this.consequenceTo = Int32Array.from(reached);
    this.to = Int32Array.from(of((i) => Math.max(0, this.cells[i]!.cell.to)));
    this.onFail = Int32Array.from(of((i) => this.cells[i]!.cell.onFail));
    this.turned = Float64Array.from(of((i) => risk(i).turned));
    this.recovered = Float64Array.from(of((i) => risk(i).recovered));
    this.recoversTo = Int32Array.from(of((i) => this.cells[i]!.place.recoversTo));
    this.success = new Float64Array(size);
    this.failure = new Float64Array(size);
    this.consequence = new Float64Array(reached.length);
    this.columnShare = new Float64Array(kernel.columnShare.length);
    this.momentShare = new Float64Array(kernel.momentShare.length);
  }

  /** Takes over one draw of all chances. */
  draw(chances: DrawnChances): void {
    this.cells.forEach(({ place: { undrawn: u }, cell, move }, i) => {
      const p = cell.fit === null ? 0 : chances[cell.fit][move]!;
      const unforeseen = cell.fit === null ? 0 : Math.min(p, chances.offCue[move]!);
      this.success[i] = (1 - u) * p + u * unforeseen;
      const drawn = (1 - u) * (1 - p);
      let rest = drawn;
      for (let c = this.firstConsequence[i]!; c < this.firstConsequence[i + 1]!; c++) {
        const { move: his, chance } = this.consequences[c]!;
        this.consequence[c] = this.onFail[i]! >= 0 ? 0 : drawn * chance * chances.works[his]!;
        rest -= this.consequence[c]!;
      }
      this.failure[i] = rest + u * (1 - unforeseen);
    });
    for (const { state, place } of this.places) this.share(state, place, chances);
  }

  private share(state: number, place: Place, { shares }: DrawnChances): void {
    const { firstColumn, firstMoment } = this.kernel;
    const of = (groups: Place['columns'][number]['groups']): number =>
      groups.reduce((product, { read, values }) => {
        const known = shares[state]!.get(read)!;
        return product * values.reduce((sum, value) => sum + known.get(value)!, 0);
      }, 1);
    place.columns.forEach(({ groups, moments }, c) => {
      const column = firstColumn[state]! + c;
      this.columnShare[column] = of(groups);
      moments.forEach((moment, t) => void (this.momentShare[firstMoment[column]! + t] = of(moment.groups)));
    });
  }

  /** Worth of a cell with so many seconds left, from what all states are worth later. */
  worthOf(cell: number, left: number, value: Float64Array): number {
    const rest = left - this.kernel.seconds[cell]!;
    if (rest < 0) return 0;
    const row = rest * this.states;
    let sum = this.success[cell]! * value[row + this.to[cell]!]!;
    const failed = this.failure[cell]!;
    const onFail = this.onFail[cell]!;
    if (onFail >= 0) return sum + failed * value[row + onFail]!;
    for (let c = this.firstConsequence[cell]!; c < this.firstConsequence[cell + 1]!; c++)
      sum += this.consequence[c]! * value[row + this.consequenceTo[c]!]!;
    const [turned, recovered] = [this.turned[cell]!, this.recovered[cell]!];
    return (
      sum +
      failed *
        (turned * value[row + this.model.turned]! +
          recovered * value[row + this.recoversTo[cell]!]! +
          (1 - turned - recovered) * value[row + this.at[cell]!]!)
    );
  }
}
