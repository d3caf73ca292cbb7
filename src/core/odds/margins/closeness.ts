import { atOnce, partOf, seededRandom, type InPieces } from '../../base';
import type { TransitionId, TreeDocument } from '../../tree';
import { readingsOf } from '../process/kernel';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { PRACTISED, type Advice } from '../derived/advice';
import { DrawnCells } from './drawnCells';
import { drawsOf, meansOf, type DrawnChances } from './draws';
import { FixedPlay } from './fixedPlay';
import { Ground, type SteadyGround } from '../derived/ground';
import { DRAWS, quantileOf, SEED } from './margin';
import type { Tried } from '../derived/tried/tries';

/** Between which figures what an item brings lies with chance 0.9, in points of V in [-1, 1]. */
export interface Spread {
  readonly low: number;
  readonly high: number;
}
export interface Closeness {
  /** Of each item, in order. */
  readonly spreads: readonly Spread[];
  /** How many of the first items, the very first counted, cannot be told from the first. */
  readonly alike: number;
}

/** Something tried, evaluated with the strategies of the means held fixed. */
interface Variant {
  readonly cells: DrawnCells;
  readonly play: FixedPlay;
  readonly near: Float64Array;
  /** Its chances, of the drawn ones. */
  readonly chances: (drawn: DrawnChances) => DrawnChances;
}

class Variants {
  private readonly moves: ReadonlyMap<TransitionId, number>;

  constructor(
    private readonly tree: TreeDocument,
    private readonly ground: Ground,
    private readonly steady: SteadyGround,
  ) {
    this.moves = new Map(tree.transitions.map(({ id }, i) => [id, i]));
  }

  *of(item: Advice): InPieces<Variant> {
    const { tries } = this.ground;
    if (item.kind === 'practise') return yield* this.made([], (drawn) => this.practised(drawn, this.moves.get(item.transition)!));
    if (item.kind === 'gap') return yield* this.made(tries.closing(item.position, [item]));
    if (item.kind === 'gaps') return yield* this.made(tries.closing(item.position, item.values));
    if (item.kind === 'teach') return yield* this.made(tries.teaching(this.tree.transitions[this.moves.get(item.transition)!]!));
    return yield* this.made(
      [],
      (drawn) => drawn,
      this.ground.model.places.findIndex((place) => place?.position.id === item.position),
    );
  }

  private practised(drawn: DrawnChances, move: number): DrawnChances {
    const works = drawn.works.slice();
    works[move] = Math.min(1, works[move]! + PRACTISED);
    return { ...drawn, works };
  }

  /** `reader`: the state where he is read more often; -1 = nowhere. */
  *made(tried: Tried, chances = (drawn: DrawnChances) => drawn, reader = -1): InPieces<Variant> {
    const { ground, steady, tree } = this;
    const freely = ground.question.ask === 'knowing' ? ground.question.freely : 0;
    const { value, strategyAt } = yield* steady.solvedWith(tried);
    const model = ground.modelWith(tried);
    const kernel = ground.kernelWith(tried);
    const cells = new DrawnCells(tree, model, kernel);
    const readAt = readingsOf(kernel, ground.question.readSkill);
    if (reader >= 0) readAt[reader] = Math.min(1, readAt[reader]! + PRACTISED);
    return { cells, play: new FixedPlay({ kernel, readAt, freely }, cells, 0, strategyAt), near: value, chances };
  }
}

/**
 * How sure the order of a work list is: what each of its items brings, in 500 seeded draws of all chances, the strategies of the
 * means held fixed, on the steady clock, and told in its proportion to what it brings on the round clock. Pre: `items` are those of
 * the question, in order.
 */
export function* findClosenessInPieces(
  tree: TreeDocument,
  items: readonly Advice[],
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<Closeness | null> {
  const ground = new Ground(tree, question, elsewhere);
  // Which shows are left out depends on their shares, so that draws could not be compared.
  if (items.length === 0 || ground.model.places.some((place) => place?.unseen)) return null;
  const steady = yield* partOf(ground.onSteady(), 0, 0.05);
  const variants = new Variants(tree, ground, steady);
  const base = yield* variants.made([]);
  const all: Variant[] = [];
  for (const item of items) all.push(yield* partOf(variants.of(item), 0.05, 0.1));
  const draws = drawsOf(tree);
  const random = seededRandom(SEED);
  const found = items.map(() => new Float64Array(DRAWS));
  const worthOf = ({ cells, play, near, chances }: Variant, drawn: DrawnChances): number => {
    cells.draw(chances(drawn));
    return steady.meanOf(play.onSteady(question.roundSeconds, near));
  };
  for (let draw = 0; draw < DRAWS; draw++) {
    const drawn = draws(random);
    const before = worthOf(base, drawn);
    all.forEach((variant, i) => void (found[i]![draw] = worthOf(variant, drawn) - before));
    yield 0.1 + (0.9 * (draw + 1)) / DRAWS;
  }
  // What it brings on the round clock over what it brings on this one.
  const means = meansOf(tree);
  const scaled = items.map((item, i) => {
    const brings = worthOf(all[i]!, means) - worthOf(base, means);
    return brings > 0 ? found[i]!.map((worth) => (worth * item.worth) / brings) : found[i]!;
  });
  return { spreads: scaled.map(spreadOf), alike: alikeOf(scaled) };
}

const spreadOf = (values: Float64Array): Spread => ({ low: quantileOf(values, 0.05), high: quantileOf(values, 0.95) });

/** Items from the first on whose difference from it may be nothing. */
function alikeOf(scaled: readonly Float64Array[]): number {
  const apart = scaled.findIndex((values, i) => i > 0 && spreadOf(values.map((worth, draw) => scaled[0]![draw]! - worth)).low > 0);
  return apart < 0 ? scaled.length : apart;
}

/** The same at once. */
export const findCloseness = (tree: TreeDocument, items: readonly Advice[], question: OddsQuestion): Closeness | null =>
  atOnce(findClosenessInPieces(tree, items, question));
