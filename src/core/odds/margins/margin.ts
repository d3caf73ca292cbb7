import { atOnce, partOf, seededRandom, type InPieces } from '../../base';
import type { PositionId, TreeDocument } from '../../tree';
import { oddsModelOf } from '../process/cells';
import { kernelOf } from '../process/kernel';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { isKnowing, solveInPieces, strategiesIn, type Solution } from '../solved';
import { DrawnCells } from './drawnCells';
import { drawsOf } from './draws';
import { FixedPlay, LANES } from './fixedPlay';
import { Movers, type Mover } from './movers';

/** Between which figures V lies with chance 0.9, by how sure its chances are; both in [0, 1]. */
export interface Margin {
  readonly position: PositionId;
  readonly low: number;
  readonly high: number;
}
export interface Margins {
  /** Of each start; empty = they cannot be found. */
  readonly starts: readonly Margin[];
  /** Which chances that nobody has typed move V most, the one that moves it most first. */
  readonly toType: readonly Mover[];
}

/** A whole number of lanes. */
export const DRAWS = 500;
const LANE = Array.from({ length: LANES }, (_, lane) => lane);
export const SEED = 20_26;
/** Of values in any order, the one below which this share of them lies. */
export const quantileOf = (values: readonly number[] | Float64Array, share: number): number =>
  Float64Array.from(values).sort()[Math.round(share * (values.length - 1))]!;

/** The strategies of a solution, held fixed. */
export const fixedPlayOf = (solution: Solution, cells: DrawnCells): FixedPlay =>
  new FixedPlay(
    { kernel: solution.kernel, readAt: solution.readAt, freely: isKnowing(solution) ? solution.freely : 0 },
    cells,
    solution.roundSeconds,
    strategiesIn(solution),
  );

/**
 * The margin of each start: every chance is drawn around what it is, as from 2 tries by default and 8 where it is typed; the strategy
 * of the means is held fixed; 500 seeded draws; none where a position has more than 64 shows. How much is not drawn, and where he
 * recovers to, stay what they are.
 */
export function* findMarginsInPieces(tree: TreeDocument, question: OddsQuestion, elsewhere: Elsewhere = NOWHERE_KNOWN): InPieces<Margins> {
  const model = oddsModelOf(tree, elsewhere, undefined, question.points);
  const kernel = kernelOf(model, false);
  const solution = yield* partOf(solveInPieces(model, kernel, question), 0, 0.2);
  // Which shows are left out depends on their shares, so that draws could not be compared.
  if (model.places.some((place) => place?.unseen)) return { starts: [], toType: [] };
  const cells = new DrawnCells(tree, model, kernel);
  const play = fixedPlayOf(solution, cells);
  yield 0.3;
  const draws = drawsOf(tree);
  const movers = new Movers(tree);
  const random = seededRandom(SEED);
  const at = new Map(tree.positions.map(({ id }, i) => [id, i]));
  const starts = tree.starts.map(({ position }) => ({ position, state: at.get(position)!, values: [] as number[] }));
  const last = question.roundSeconds * model.states;
  for (let draw = 0; draw < DRAWS; draw += LANES) {
    const drawn = LANE.map((lane) => {
      const one = draws(random);
      cells.draw(one);
      play.take(lane);
      return one;
    });
    const value = play.onRound();
    const worthOf = (state: number, lane: number): number => value[(last + state) * LANES + lane]!;
    for (const lane of LANE) {
      for (const { state, values } of starts) values.push(worthOf(state, lane));
      movers.add(drawn[lane]!, starts.reduce((sum, { state }) => sum + worthOf(state, lane), 0) / Math.max(1, starts.length));
    }
    yield 0.3 + (0.7 * (draw + LANES)) / DRAWS;
  }
  return {
    starts: starts.map(({ position, values }) => ({ position, low: quantileOf(values, 0.05), high: quantileOf(values, 0.95) })),
    toType: starts.length > 0 ? movers.most() : [],
  };
}

/** The same at once. */
export const findMargins = (tree: TreeDocument, question: OddsQuestion): Margins => atOnce(findMarginsInPieces(tree, question));
