import { atOnce, partOf, seededRandom, type InPieces, type Random } from '../../base';
import { heightOf, type PositionId, type TreeDocument } from '../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { endedAt, isFinished, readyInPieces, type Ended, type Ready } from './ready';

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

/** Rounds that end, and rounds that go on, as they are counted. */
class Counts {
  readonly endings = new Map<Ended, number>();
  readonly stalled = new Map<number, number>();
  readonly finishedBy: number[];
  readonly heights: Float64Array;
  readonly going: Float64Array;
  finished = 0;
  private readonly height: Float64Array;

  constructor(private readonly ready: Ready) {
    const parts = Math.ceil(ready.roundSeconds / HALF_MINUTE);
    this.finishedBy = new Array<number>(parts).fill(0);
    [this.heights, this.going] = [new Float64Array(parts), new Float64Array(parts)];
    this.height = Float64Array.from(ready.tree.positions, ({ lines }) => heightOf(lines));
  }
  private stand(state: number, part: number, rounds: number): void {
    this.heights[part]! += rounds * this.height[state]!;
    this.going[part]! += rounds;
  }
  /** Rounds stand at a state with so many seconds left. */
  standAt(state: number, left: number, rounds: number): void {
    const at = this.ready.roundSeconds - left;
    if (at % HALF_MINUTE === 0) this.stand(state, at / HALF_MINUTE, rounds);
  }
  /** An exchange that began at a state was under way from so many seconds left until `rest` were: it stood there meanwhile. */
  lasts(state: number, left: number, rest: number): void {
    const { roundSeconds } = this.ready;
    for (let part = Math.floor((roundSeconds - left) / HALF_MINUTE) + 1; part * HALF_MINUTE < roundSeconds - rest; part++)
      this.stand(state, part, 1);
  }
  /** Rounds end at a state with so many seconds left. */
  end(state: number, left: number, rounds: number): void {
    const { ready } = this;
    const isOver = Number.isNaN(ready.model.worth[state]!);
    const ended = endedAt(ready, state, isOver);
    this.endings.set(ended, (this.endings.get(ended) ?? 0) + rounds);
    if (isOver) this.stalled.set(state, (this.stalled.get(state) ?? 0) + rounds);
    else if (isFinished(ready, state)) {
      this.finished += rounds;
      this.finishedBy[Math.floor(Math.max(0, ready.roundSeconds - left - 1) / HALF_MINUTE)]! += rounds;
    }
  }
}

/** Plays one exchange of each round that stands somewhere with so many seconds left. */
function playSecond({ model, sampler }: Ready, standing: Int32Array, left: number, counts: Counts, random: Random): void {
  const { states, worth } = model;
  for (let state = 0; state < states; state++) {
    const rounds = standing[left * states + state]!;
    if (rounds === 0) continue;
    counts.standAt(state, left, rounds);
    for (let round = 0; round < rounds; round++) {
      const to = sampler.land(state, left, random);
      const rest = to < 0 ? 0 : left - sampler.secondsTaken;
      counts.lasts(state, left, rest);
      if (to < 0) counts.end(state, 0, 1);
      else if (rest === 0 || !Number.isNaN(worth[to]!)) counts.end(to, rest, 1);
      else standing[rest * states + to]!++;
    }
  }
}

/**
 * Many seeded rounds from a start, counted. Null = a position has more than 64 shows. Second by second: rounds that stand at the same
 * place then are played on one behind the other.
 */
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
  const { model, roundSeconds } = ready;
  const random = seededRandom(seed);
  const counts = new Counts(ready);
  const from = ready.stateOf(start);
  const standing = new Int32Array((roundSeconds + 1) * model.states);
  if (Number.isNaN(model.worth[from]!)) standing[roundSeconds * model.states + from] = count;
  else counts.end(from, roundSeconds, count);
  for (let left = roundSeconds; left > 0; left--) {
    playSecond(ready, standing, left, counts, random);
    yield 1 - (0.8 * left) / roundSeconds;
  }
  const most = <K>(all: ReadonlyMap<K, number>) => [...all].toSorted((a, b) => b[1] - a[1]);
  const { finished, finishedBy, heights, going } = counts;
  return {
    ...{ start, count, finished, finishedBy },
    endings: most(counts.endings).map(([ended, times]) => ({ ended, count: times })),
    heights: Array.from(heights, (sum, i) => (going[i]! > 0 ? sum / going[i]! : 0)),
    stalled: most(counts.stalled).map(([state, times]) => ({ position: tree.positions[state]!.id, count: times })),
  };
}

/** The same at once. */
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
