import type { PositionId, ReadId, TransitionId, TreeDocument, ValueId } from '../../tree';
import { shareNumbers, type DrawnChances } from './draws';

/** A chance that stands at its default, and how much of what is in doubt about V comes with it. */
export type Mover = (
  | { readonly kind: 'move'; readonly transition: TransitionId; readonly field: 'works' | 'offCue' | 'stopped' }
  | { readonly kind: 'share'; readonly position: PositionId; readonly read: ReadId; readonly value: ValueId }
) & {
  /** Part in [0, 1] of V's variance over the draws that goes with this chance (the square of their correlation). */
  readonly part: number;
};

type What = Mover extends infer M ? (M extends unknown ? Omit<M, 'part'> : never) : never;
interface Followed {
  readonly what: What;
  readonly in: keyof DrawnChances;
  readonly at: number;
}

const FIELDS = ['works', 'offCue', 'stopped'] as const;
/** A part that 500 draws may show of nothing at all. */
const BY_CHANCE = 0.015;
const MOST = 3;

/** Follows, draw by draw, how V goes with every chance that nobody typed. */
export class Movers {
  private readonly followed: Followed[];
  private readonly sums: Float64Array;
  private readonly squares: Float64Array;
  private readonly products: Float64Array;
  private count = 0;
  private total = 0;
  private totalSquares = 0;

  constructor(tree: TreeDocument) {
    const numbers = shareNumbers(tree);
    const moves = tree.transitions.flatMap((transition, i) =>
      FIELDS.filter((field) => transition.announced !== true && transition[field] === undefined).map((field): Followed => ({
        what: { kind: 'move', transition: transition.id, field },
        in: field,
        at: i,
      })),
    );
    const shares = tree.positions.flatMap((position, at) =>
      position.reads
        .filter((read) => read.values.every(({ share }) => share === undefined))
        .flatMap((read) =>
          read.values.map((value): Followed => ({
            what: { kind: 'share', position: position.id, read: read.id, value: value.id },
            in: 'shares',
            at: numbers[at]!.get(read.id)!.get(value.id)!,
          })),
        ),
    );
    this.followed = [...moves, ...shares];
    [this.sums, this.squares, this.products] = [0, 1, 2].map(() => new Float64Array(this.followed.length)) as [
      Float64Array,
      Float64Array,
      Float64Array,
    ];
  }

  add(drawn: DrawnChances, worth: number): void {
    this.count++;
    this.total += worth;
    this.totalSquares += worth * worth;
    for (let i = 0; i < this.followed.length; i++) {
      const { in: list, at } = this.followed[i]!;
      const chance = drawn[list][at]!;
      this.sums[i]! += chance;
      this.squares[i]! += chance * chance;
      this.products[i]! += chance * worth;
    }
  }

  /** Those that move V most, as far as that is more than the draws would show of nothing. */
  most(): readonly Mover[] {
    const spread = this.totalSquares - (this.total * this.total) / this.count;
    if (!(spread > 1e-15)) return [];
    return this.followed
      .map(({ what }, i): Mover => {
        const own = this.squares[i]! - (this.sums[i]! * this.sums[i]!) / this.count;
        const together = this.products[i]! - (this.sums[i]! * this.total) / this.count;
        return { ...what, part: own > 1e-15 ? (together * together) / (own * spread) : 0 };
      })
      .filter(({ part }) => part > BY_CHANCE)
      .sort((a, b) => b.part - a.part)
      .slice(0, MOST);
  }
}
