import { defaultsOf, type ReadId, type TreeDocument, sharesOf, type ShownValue } from '../../tree';

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

/** A part of this mean; one that can be is never nothing, however small it was drawn: what could be shown stays shown. */
const drawPart = (mean: number, weight: number, random: Random): number =>
  mean > 0 ? Math.max(1e-200, drawGamma(mean * weight, random)) : 0;

/** Shares around these, as from so many tries (a Dirichlet distribution); what is 0 stays 0. */
export function drawShares(means: readonly number[], weight: number, random: Random): number[] {
  const parts = means.map((mean) => drawPart(mean, weight, random));
  const sum = parts.reduce((total, part) => total + part, 0);
  return sum > 0 ? parts.map((part) => part / sum) : [...means];
}

/** A chance around this one, as from so many tries (a Beta distribution). */
export function drawChance(mean: number, weight: number, random: Random): number {
  const works = drawPart(mean, weight, random);
  return works / (works + drawPart(1 - mean, weight, random));
}

/** Every chance of a tree, drawn around what it is said to be, or is by default: one way it could really be. */
export interface DrawnChances {
  /** By transition in document order. */
  readonly works: Float64Array;
  readonly offCue: Float64Array;
  readonly stopped: Float64Array;
  /** Of every value that can be shown; `shareNumbers` says where. */
  readonly shares: Float64Array;
}

/** Where the share of a value stands, by position in document order; null = nothing special that is not drawn. */
export type ShareNumbers = readonly ReadonlyMap<ReadId, ReadonlyMap<ShownValue, number>>[];

export function shareNumbers(tree: TreeDocument): ShareNumbers {
  let next = 0;
  return tree.positions.map(
    ({ reads }) =>
      new Map(reads.map((read) => [read.id, new Map(sharesOf(read).map(({ value }): [ShownValue, number] => [value, next++]))])),
  );
}

const FIELDS = ['works', 'offCue', 'stopped'] as const;

/** The chances themselves: what they are drawn around. */
export function meansOf(tree: TreeDocument): DrawnChances {
  const defaults = defaultsOf(tree);
  const [works, offCue, stopped] = FIELDS.map((field) => Float64Array.from(tree.transitions, (move) => move[field] ?? defaults[field]));
  const shares = tree.positions.flatMap(({ reads }) => reads.flatMap((read) => sharesOf(read).map(({ share }) => share)));
  return { works: works!, offCue: offCue!, stopped: stopped!, shares: Float64Array.from(shares) };
}

/** Draws of a tree's chances: what they are drawn around is looked up once. */
export function drawsOf(tree: TreeDocument): (random: Random) => DrawnChances {
  const means = meansOf(tree);
  const reads = tree.positions.flatMap((position) =>
    position.reads.map((read) => ({
      shares: sharesOf(read).map(({ share }) => share),
      weight: read.values.some((value) => value.share !== undefined) ? WEIGHT.typed : WEIGHT.default,
    })),
  );
  const weights = FIELDS.map((field) => tree.transitions.map((move) => (move[field] === undefined ? WEIGHT.default : WEIGHT.typed)));
  return (random) => {
    const shares = new Float64Array(means.shares.length);
    let next = 0;
    for (const { shares: around, weight } of reads) for (const share of drawShares(around, weight, random)) shares[next++] = share;
    const [works, offCue, stopped] = FIELDS.map((field, f) => means[field].map((mean, i) => drawChance(mean, weights[f]![i]!, random)));
    return { works: works!, offCue: offCue!, stopped: stopped!, shares };
  };
}
