import { defaultsOf, type ReadId, type TreeDocument } from '../../tree';
import { sharesOf, type ShownValue } from '../shares';

/** How many tries a chance weighs like, by where it comes from (MODEL §4, honesty). */
export const WEIGHT = { default: 2, typed: 8 } as const;

type Random = () => number;

/** A standard normal number (Box & Muller 1958). */
const normal = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** A gamma number of this shape > 0 and scale 1 (Marsaglia & Tsang 2000). */
export function drawGamma(shape: number, random: Random): number {
  if (shape < 1) return drawGamma(shape + 1, random) * (1 - random()) ** (1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = normal(random);
    const v = (1 + c * x) ** 3;
    if (v > 0 && Math.log(1 - random()) < x * x * 0.5 + d * (1 - v + Math.log(v))) return d * v;
  }
}

/** Shares around these, as from so many tries (a Dirichlet distribution); what is 0 stays 0. */
export function drawShares(means: readonly number[], weight: number, random: Random): number[] {
  // A part that can be is never nothing, however small it was drawn: what could be shown stays shown.
  const parts = means.map((mean) => (mean > 0 ? Math.max(1e-200, drawGamma(mean * weight, random)) : 0));
  const sum = parts.reduce((total, part) => total + part, 0);
  return sum > 0 ? parts.map((part) => part / sum) : [...means];
}

/** A chance around this one, as from so many tries (a Beta distribution). */
export const drawChance = (mean: number, weight: number, random: Random): number => drawShares([mean, 1 - mean], weight, random)[0]!;

/** Every chance of a tree, drawn around what it is said to be, or is by default: one way it could really be. */
export interface DrawnChances {
  /** By transition in document order. */
  readonly works: Float64Array;
  readonly offCue: Float64Array;
  readonly stopped: Float64Array;
  /** By position in document order, then by read: of each value, null = nothing special that is not drawn. */
  readonly shares: readonly ReadonlyMap<ReadId, ReadonlyMap<ShownValue, number>>[];
}
type Drawn = (random: Random) => DrawnChances;

/** Draws of a tree's chances: what they are drawn around is looked up once. */
export function drawsOf(tree: TreeDocument): Drawn {
  const defaults = defaultsOf(tree);
  const reads = tree.positions.map((position) =>
    position.reads.map((read) => ({
      id: read.id,
      shares: sharesOf(read),
      weight: read.values.some((value) => value.share !== undefined) ? WEIGHT.typed : WEIGHT.default,
    })),
  );
  const chances = (['works', 'offCue', 'stopped'] as const).map((field) =>
    tree.transitions.map((transition) => ({
      mean: transition[field] ?? defaults[field],
      weight: transition[field] === undefined ? WEIGHT.default : WEIGHT.typed,
    })),
  );
  return (random) => {
    const shares = reads.map((list) => {
      const found = new Map<ReadId, ReadonlyMap<ShownValue, number>>();
      for (const { id, shares: known, weight } of list) {
        const means = known.map(({ share }) => share);
        const drawn = drawShares(means, weight, random);
        found.set(id, new Map(known.map(({ value }, i) => [value, drawn[i]!])));
      }
      return found;
    });
    const [works, offCue, stopped] = chances.map((list) => Float64Array.from(list, ({ mean, weight }) => drawChance(mean, weight, random)));
    return { works: works!, offCue: offCue!, stopped: stopped!, shares };
  };
}
