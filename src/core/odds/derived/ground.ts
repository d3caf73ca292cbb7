import type { InPieces } from '../../base';
import { gameValue } from '../../games';
import type { PositionId, TreeDocument } from '../../tree';
import { oddsModelOf, type OddsModel, type Place } from '../process/cells';
import { standingOf } from '../process/here';
import { kernelOf, kernelOfPlace, readingsOf, withPiece, type Kernel } from '../process/kernel';
import { bestSeen, Facing, type Strategy } from '../knowing';
import type { Elsewhere, OddsQuestion } from '../question';
import { seesItFirst, solveInPieces, valueAt, type Solution } from '../solved';
import { solveDiscountedInPieces, solveSteadyInPieces, type SteadySolution } from '../steady/steady';
import { steadyKernel } from '../steady/steadyKernel';
import { SteadyWork } from '../steady/steadyWork';
import { Tries, type Tried } from './tried/tries';

/** A tree and a question, on which one thing after the other is tried; worths are those of all starts alike. Pre: there is a start. */
export class Ground {
  readonly model: OddsModel;
  readonly kernel: Kernel;
  readonly tries: Tries;
  readonly starts: readonly number[];
  private readonly seesIt: Uint8Array;
  private readonly stateOf: ReadonlyMap<PositionId, number>;
  private readonly readAt: Float64Array;

  constructor(
    tree: TreeDocument,
    readonly question: OddsQuestion,
    elsewhere: Elsewhere,
  ) {
    const standing = standingOf(tree);
    this.model = oddsModelOf(tree, elsewhere, standing, question.points);
    this.kernel = kernelOf(this.model, false);
    this.tries = new Tries(tree, this.model, standing);
    this.stateOf = new Map(tree.positions.map(({ id }, i) => [id, i]));
    this.readAt = readingsOf(this.kernel, question.readSkill);
    this.starts = tree.starts.map(({ position }) => this.stateOf.get(position)!);
    this.seesIt = seesItFirst(this.model);
  }

  /** The process with what is tried. */
  kernelWith(tried: Tried): Kernel {
    return tried.reduce((kernel, { at, place }) => withPiece(kernel, at, kernelOfPlace(this.model, at, place)), this.kernel);
  }

  /** The model with it. */
  modelWith(tried: Tried): OddsModel {
    const places = new Map(tried.map(({ at, place }) => [at, place]));
    return { ...this.model, places: this.model.places.map((place, at) => places.get(at) ?? place) };
  }

  *onRound(tried: Tried = []): InPieces<Solution> {
    return yield* solveInPieces(this.model, this.kernelWith(tried), this.question);
  }
  /** How much more of `wanted` he can be read at a position, in [0, 1]. */
  moreReading(id: PositionId, wanted: number): number {
    return Math.min(wanted, 1 - this.readAt[this.stateOf.get(id)!]!);
  }
  /** Worth in [0, 1] of all starts alike. */
  meanOf(solution: Solution): number {
    return this.starts.reduce((sum, state) => sum + valueAt(solution, state), 0) / this.starts.length;
  }

  *onSteady(): InPieces<SteadyGround> {
    const solution = yield* solveSteadyInPieces(this.kernel, this.question, this.seesIt);
    return new SteadyGround(this, solution, this.seesIt);
  }
}

/** The same on the steady clock, for rankings: every try begins with what was found without it. */
export class SteadyGround {
  private readonly mean: number;
  private readonly visits: Float64Array;
  private readonly work: SteadyWork;
  private readonly residual: number;
  private readonly facing: Facing;

  constructor(
    private readonly ground: Ground,
    private readonly solution: SteadySolution,
    private readonly seesIt: Uint8Array,
  ) {
    const { kernel, value } = solution;
    this.facing = new Facing(kernel);
    this.work = new SteadyWork(kernel, ground.question, seesIt, value);
    this.residual = this.work.answerEach();
    this.visits = this.work.visitsFrom(ground.starts);
    this.mean = this.meanOf(value);
  }
  /** Worth in [0, 1] of all starts alike. */
  meanOf(value: Float64Array): number {
    const { starts } = this.ground;
    return starts.reduce((sum, state) => sum + value[state]!, 0) / starts.length;
  }

  private pieceOf(at: number, place: Place): Kernel {
    return steadyKernel(kernelOfPlace(this.ground.model, at, place), this.solution.roundSeconds);
  }

  /**
   * How much the worth changes, to first order: what the tried places are worth with all others as they are, as often as they are met.
   * 0 means 0; what comes back again and again is understated.
   */
  estimate(tried: Tried): number {
    const { value } = this.solution;
    return tried.reduce((sum, item) => sum + this.visits[item.at]! * (this.worthAnew(item) - value[item.at]!), 0);
  }
  private worthAnew(item: Tried[number]): number {
    const { value, roundSeconds, freely, readAt } = this.solution;
    const isGame = (reading: number): boolean => freely > 0 && reading < 1 && this.seesIt[item.at] === 0;
    const worthOf = (facing: Facing, reading: number): number => (isGame(reading) ? gameValue(facing) : bestSeen(facing).value);
    if (item.less) return worthOf(this.facing.face(this.solution, item.at, 0, 'least', item.less), readAt[item.at]!);
    const piece = this.pieceOf(item.at, item.place);
    const reading = readingsOf(piece, this.ground.question.readSkill);
    return worthOf(new Facing(piece).face({ kernel: piece, value, roundSeconds, readAt: reading, freely }, 0, 0), reading[0]!);
  }

  /** The same, solved anew. */
  *solved(tried: Tried): InPieces<number> {
    if (tried.length === 0) return 0;
    const { value } = yield* this.solvedAnew(tried);
    return this.meanOf(value) - this.mean;
  }
  private *solvedAnew(tried: Tried): InPieces<SteadySolution> {
    const { ground, solution, seesIt } = this;
    const kernel = tried.reduce((whole, { at, place }) => withPiece(whole, at, this.pieceOf(at, place)), solution.kernel);
    const begun = { work: this.work, residual: this.residual, states: tried.map(({ at }) => at) };
    return yield* solveDiscountedInPieces(kernel, ground.question, seesIt, solution.value, begun);
  }
  /** With it, worths by state and what both do at each where play goes on. */
  *solvedWith(tried: Tried): InPieces<{ value: Float64Array; strategyAt: (state: number) => Strategy }> {
    const { kernel, value } = yield* this.solvedAnew(tried);
    const work = new SteadyWork(kernel, this.ground.question, this.seesIt, value);
    return { value, strategyAt: (state) => work.strategyAt(state) };
  }
}
