import { atOnce, partOf, seededRandom, type InPieces } from '../../base';
import {
  heightOf,
  isGoal,
  type Ending,
  type PositionId,
  type ReadId,
  type TransitionId,
  type TreeDocument,
  type ValueId,
} from '../../tree';
import { oddsModelOf, type OddsModel, type Place } from '../process/cells';
import { kernelOf } from '../process/kernel';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { solveInPieces } from '../solved';
import type { Happened } from './eventCells';
import { Sampler, type Exchange } from './sampler';

/** One thing that happened in a round. */
export interface RoundEvent {
  readonly position: PositionId;
  /** Seconds into the round when it began, and that it took. */
  readonly at: number;
  readonly seconds: number;
  /** What he showed; read → values, null is nothing special. */
  readonly shown: readonly { readonly read: ReadId; readonly values: readonly (ValueId | null)[] }[];
  /** What I did, having seen it or not; null = waited. */
  readonly transition: TransitionId | null;
  readonly isRead: boolean;
  /** How it went; null = time ran out before it was over. */
  readonly happened: Happened | null;
  readonly unforeseen: boolean;
  /** Null = nowhere that is drawn. */
  readonly to: PositionId | null;
}
export interface ToldRound {
  readonly start: PositionId;
  readonly seed: number;
  readonly events: readonly RoundEvent[];
  readonly ended: Ended;
  /** Seconds until it ended. */
  readonly seconds: number;
}
/** How a round can end. */
export type Ended = Ending | 'elsewhere' | 'turned' | 'timeUp';

/** Many rounds from one start. */
export interface Rounds {
  readonly start: PositionId;
  readonly count: number;
  readonly finished: number;
  readonly endings: readonly { readonly ended: Ended; readonly count: number }[];
  /** Finished rounds by the half minute in which they were. */
  readonly finishedBy: readonly number[];
  /** Mean height on the ladder, 0 … 5, at each half minute, of rounds that still went on. */
  readonly heights: readonly number[];
  /** Where time ran out, the commonest first. */
  readonly stalled: readonly { readonly position: PositionId; readonly count: number }[];
}

export const HALF_MINUTE = 30;
const ROUNDS_A_PIECE = 200;

interface Ready {
  readonly tree: TreeDocument;
  readonly model: OddsModel;
  readonly sampler: Sampler;
  readonly roundSeconds: number;
  readonly stateOf: (id: PositionId) => number;
}

/** Null = a position has more than 64 shows, which cannot all be played. */
function* readyInPieces(tree: TreeDocument, question: OddsQuestion, elsewhere: Elsewhere): InPieces<Ready | null> {
  const model = oddsModelOf(tree, elsewhere, undefined, question.points);
  if (model.places.some((place) => place?.unseen)) return null;
  const solution = yield* solveInPieces(model, kernelOf(model, false), question);
  const states = new Map(tree.positions.map(({ id }, i) => [id, i]));
  return { tree, model, sampler: new Sampler(model, solution), roundSeconds: question.roundSeconds, stateOf: (id) => states.get(id)! };
}

/** Plays one round, telling each exchange; the state where it ends (where it stands when time is up) and the seconds left. */
function play({ model, sampler, roundSeconds }: Ready, from: number, random: () => number, tell: (exchange: Exchange) => void) {
  let [state, left] = [from, roundSeconds];
  while (left > 0 && Number.isNaN(model.worth[state]!)) {
    const exchange = sampler.next(state, left, random);
    tell(exchange);
    if (!exchange.outcome) return { state, left: 0, isOver: true };
    left -= sampler.kernel.seconds[exchange.cell]!;
    state = exchange.outcome.to;
  }
  return { state, left, isOver: Number.isNaN(model.worth[state]!) };
}

function endedAt({ tree, model }: Ready, state: number, isOver: boolean): Ended {
  if (isOver) return 'timeUp';
  if (state === model.turned) return 'turned';
  return tree.positions[state]!.ends ?? 'elsewhere';
}

function isFinished({ tree, model }: Ready, state: number): boolean {
  const ends = state === model.turned ? undefined : tree.positions[state]!.ends;
  return ends !== undefined && isGoal(tree, ends);
}

const columnsOf = (place: Place): readonly (readonly RoundEvent['shown'][])[] =>
  place.columns.map(({ groups, moments }) =>
    moments.map((moment) => [...groups, ...moment.groups].map(({ read, values }) => ({ read, values }))),
  );

/** One seeded round, told. Null = a position has more than 64 shows. */
export function* tellRoundInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  start: PositionId,
  seed: number,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<ToldRound | null> {
  const ready = yield* readyInPieces(tree, question, elsewhere);
  if (!ready) return null;
  const { model, sampler, roundSeconds } = ready;
  const events: RoundEvent[] = [];
  const end = play(ready, ready.stateOf(start), seededRandom(seed), ({ state, left, moment, cell, row, isRead, outcome }) => {
    const place = model.places[state]!;
    const first = sampler.kernel.firstMoment[sampler.kernel.firstColumn[state]!]!;
    events.push({
      position: place.position.id,
      at: roundSeconds - left,
      seconds: outcome ? sampler.kernel.seconds[cell]! : left,
      shown: columnsOf(place).flat()[moment - first]!,
      transition: place.rows[row]?.id ?? null,
      isRead,
      happened: outcome?.happened ?? null,
      unforeseen: outcome?.unforeseen ?? false,
      to: outcome && outcome.to !== model.turned ? tree.positions[outcome.to]!.id : null,
    });
  });
  return { start, seed, events, ended: endedAt(ready, end.state, end.isOver), seconds: roundSeconds - end.left };
}

/** Many seeded rounds from a start, counted. Null = a position has more than 64 shows. */
export function* simulateInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  start: PositionId,
  count: number,
  seed: number,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<Rounds | null> {
  const ready = yield* partOf(readyInPieces(tree, question, elsewhere), 0, 0.2);
  if (!ready) return null;
  const { model, sampler, roundSeconds } = ready;
  const random = seededRandom(seed);
  const height = Float64Array.from(tree.positions, ({ lines }) => heightOf(lines));
  const parts = Math.ceil(roundSeconds / HALF_MINUTE);
  const finishedBy = new Array<number>(parts).fill(0);
  const [heights, going] = [new Float64Array(parts), new Float64Array(parts)];
  const endings = new Map<Ended, number>();
  const stalled = new Map<number, number>();
  let finished = 0;
  const from = ready.stateOf(start);
  for (let round = 0; round < count; round++) {
    let [state, left, next] = [from, roundSeconds, 0];
    while (left > 0 && Number.isNaN(model.worth[state]!)) {
      // Every half minute that passed before this exchange found the round where the exchange before left it.
      for (; next < parts && next * HALF_MINUTE <= roundSeconds - left; next++) {
        heights[next]! += height[state]!;
        going[next]!++;
      }
      const to = sampler.land(state, left, random);
      left = to < 0 ? 0 : left - sampler.secondsTaken;
      if (to >= 0) state = to;
    }
    const isOver = Number.isNaN(model.worth[state]!);
    const ended = endedAt(ready, state, isOver);
    endings.set(ended, (endings.get(ended) ?? 0) + 1);
    if (isOver) stalled.set(state, (stalled.get(state) ?? 0) + 1);
    else if (isFinished(ready, state)) {
      finished++;
      finishedBy[Math.min(parts - 1, Math.floor((roundSeconds - left - 1) / HALF_MINUTE))]!++;
    }
    if (round % ROUNDS_A_PIECE === 0) yield 0.2 + (0.8 * round) / count;
  }
  const most = <K>(counts: ReadonlyMap<K, number>) => [...counts].toSorted((a, b) => b[1] - a[1]);
  return {
    ...{ start, count, finished, finishedBy },
    endings: most(endings).map(([ended, times]) => ({ ended, count: times })),
    heights: Array.from(heights, (sum, i) => (going[i]! > 0 ? sum / going[i]! : 0)),
    stalled: most(stalled).map(([state, times]) => ({ position: tree.positions[state]!.id, count: times })),
  };
}

/** The same at once. */
export const tellRound = (tree: TreeDocument, question: OddsQuestion, start: PositionId, seed: number): ToldRound | null =>
  atOnce(tellRoundInPieces(tree, question, start, seed));
export const simulate = (tree: TreeDocument, question: OddsQuestion, start: PositionId, count: number, seed: number): Rounds | null =>
  atOnce(simulateInPieces(tree, question, start, count, seed));

/** 95 of 100 such intervals hold the chance behind what was counted (Wilson 1927); both in [0, 1]. */
export function wilson(times: number, count: number): { low: number; high: number } {
  if (count === 0) return { low: 0, high: 1 };
  const z = 1.959_963_984_540_054;
  const share = times / count;
  const middle = (share + (z * z) / (2 * count)) / (1 + (z * z) / count);
  const half = (z * Math.sqrt((share * (1 - share)) / count + (z * z) / (4 * count * count))) / (1 + (z * z) / count);
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
