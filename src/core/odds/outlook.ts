import type { InPieces } from '../base';
import type { Kernel } from './process/kernel';

/** What is done at a state with so many seconds left: each cell with its chance, less what was left out. */
export type Policy = (state: number, left: number, take: (cell: number, chance: number) => void) => void;

export interface Outlook {
  /** Chance of arriving at each state; only final ones are counted. */
  readonly arrivals: Float64Array;
  /** Chance that the clock runs out first. */
  readonly timeUp: number;
  /** Chance of coming upon shows that were left out. */
  readonly leftOut: number;
  /** Expected number of times that he gets his guard back and that this leads to another place. */
  readonly recoveries: number;
  /** Expected seconds until an ending or the end of the round. */
  readonly expectedSeconds: number;
  /** Expected number of times the athletes face each other at each position, with a decision to make. */
  readonly visits: Float64Array;
}

/** Told of what happens, with how many seconds left, and how often by all starts together. */
export interface Watch {
  /** A cell is played. */
  readonly cell?: (cell: number, left: number, chance: number) => void;
  /** The athletes face each other at a state, with a decision to make. */
  readonly faced?: (state: number, left: number, times: number) => void;
}

/** Sums for each start, side by side. */
class Sums {
  readonly arrivals: Float64Array;
  readonly visits: Float64Array;
  readonly timeUp: Float64Array;
  readonly leftOut: Float64Array;
  readonly recoveries: Float64Array;
  readonly seconds: Float64Array;

  constructor(
    readonly states: number,
    readonly starts: number,
  ) {
    this.arrivals = new Float64Array(states * starts);
    this.visits = new Float64Array(states * starts);
    [this.timeUp, this.leftOut, this.recoveries, this.seconds] = [0, 1, 2, 3].map(() => new Float64Array(starts)) as [
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
    ];
  }

  outlooks(): Outlook[] {
    const { states, starts } = this;
    const of = (all: Float64Array, start: number) => Float64Array.from({ length: states }, (_, state) => all[state * starts + start]!);
    return Array.from({ length: starts }, (_, i) => ({
      arrivals: of(this.arrivals, i),
      visits: of(this.visits, i),
      timeUp: this.timeUp[i]!,
      leftOut: this.leftOut[i]!,
      recoveries: this.recoveries[i]!,
      expectedSeconds: this.seconds[i]!,
    }));
  }
}

/** Seconds ahead of any one that matter to it: the longest move that fits into the round. */
const reachOf = (k: Kernel, roundSeconds: number): number =>
  k.seconds.reduce((most, seconds) => (seconds <= roundSeconds ? Math.max(most, seconds) : most), 1) + 1;

/** Numbers kept at a time: 32 MB. */
const KEPT = 4_000_000;
/** How many starts are followed at once without filling the memory; a large tree has hundreds. */
export const startsAtOnce = (k: Kernel, roundSeconds: number): number =>
  Math.max(1, Math.floor(KEPT / (reachOf(k, roundSeconds) * k.states)));

/** Where a state leads at a second, what leads to the same place added up: places are few, and the starts that are followed many. */
class Together {
  private to = new Int32Array(64);
  private chance = new Float64Array(64);
  private count = 0;

  add(to: number, chance: number): void {
    for (let i = 0; i < this.count; i++)
      if (this.to[i] === to) {
        this.chance[i]! += chance;
        return;
      }
    if (this.count === this.to.length) this.grow();
    this.to[this.count] = to;
    this.chance[this.count++] = chance;
  }
  /** What stands at `here` goes to all of them, and to `isMet` which they are; then there are none. */
  spread(to: Float64Array, here: Here, isMet?: Uint8Array): void {
    for (let i = 0; i < this.count; i++) {
      const state = this.to[i]!;
      if (isMet) isMet[state] = 1;
      addTo(to, state * here.starts, here, this.chance[i]!);
    }
    this.count = 0;
  }
  private grow(): void {
    const [to, chance] = [this.to, this.chance];
    this.to = new Int32Array(2 * to.length);
    this.chance = new Float64Array(2 * to.length);
    this.to.set(to);
    this.chance.set(chance);
  }
}

/** What has come to a state at a second, of each start: `mass` from `at` on. */
interface Here {
  readonly mass: Float64Array;
  readonly starts: number;
  at: number;
}

/**
 * `factor` of what is here, of each start, added to what stands from `first` on. Four at a step: this is the innermost loop of the
 * outlook, and the step itself costs as much as one of them.
 */
function addTo(to: Float64Array, first: number, { mass, starts, at }: Here, factor: number): void {
  if (factor === 0) return;
  const end = at + starts;
  const fours = at + (starts & ~3);
  let p = first;
  let i = at;
  for (; i < fours; i += 4, p += 4) {
    to[p]! += factor * mass[i]!;
    to[p + 1]! += factor * mass[i + 1]!;
    to[p + 2]! += factor * mass[i + 2]!;
    to[p + 3]! += factor * mass[i + 3]!;
  }
  for (; i < end; i++, p++) to[p]! += factor * mass[i]!;
}

/**
 * Follows a policy forward from each start with a full round, all starts at once, in pieces of a second. Of each, the chances of arrivals,
 * time and what was left out sum to 1. Time O(roundSeconds × outcomes × starts), memory O(longest move × states × starts).
 */
export function* outlooksInPieces(
  k: Kernel,
  policy: Policy,
  roundSeconds: number,
  starts: readonly number[],
  watch?: Watch,
): InPieces<Outlook[]> {
  const n = starts.length;
  const sums = new Sums(k.states, n);
  // What lies as far ahead as the longest move reaches; what is met is emptied.
  const ahead = reachOf(k, roundSeconds);
  const mass = new Float64Array(ahead * k.states * n);
  // Most are met by nobody at most seconds: these are not even looked at.
  const isMet = new Uint8Array(ahead * k.states);
  const rowOf = (left: number): number => (left % ahead) * k.states;
  starts.forEach((state, i) => void (mass[(rowOf(roundSeconds) + state) * n + i] = isMet[rowOf(roundSeconds) + state] = 1));
  const here: Here = { mass, starts: n, at: 0 };
  const [onward, ended] = [new Together(), new Together()];
  // What is done with what is here, of each start: the policy says it cell by cell.
  let now = 0;
  let some = 0;
  let done = 0;
  let timeUp = 0;
  let recoveries = 0;
  let seconds = 0;
  const take = (cell: number, share: number): void => {
    done += share;
    watch?.cell?.(cell, now, share * some);
    const rest = now - k.seconds[cell]!;
    if (rest < 0) {
      timeUp += share;
      return;
    }
    recoveries += share * k.recovers[cell]!;
    const row = rowOf(rest);
    const [live, end] = [k.endOfLive[cell]!, k.firstOutcome[cell + 1]!];
    for (let o = k.firstOutcome[cell]!; o < live; o++) onward.add(row + k.target[o]!, share * k.chance[o]!);
    for (let o = live; o < end; o++) {
      ended.add(k.target[o]!, share * k.chance[o]!);
      seconds += share * k.chance[o]! * (roundSeconds - rest);
    }
  };
  const decide = (state: number): void => {
    done = timeUp = recoveries = seconds = 0;
    watch?.faced?.(state, now, some);
    policy(state, now, take);
    onward.spread(mass, here, isMet);
    ended.spread(sums.arrivals, here);
    const leftOut = k.unseen[state] ? Math.max(0, 1 - done) : 0;
    addTo(sums.visits, state * n, here, 1);
    addTo(sums.timeUp, 0, here, timeUp);
    addTo(sums.recoveries, 0, here, recoveries);
    addTo(sums.leftOut, 0, here, leftOut);
    addTo(sums.seconds, 0, here, seconds + timeUp * roundSeconds + leftOut * (roundSeconds - now));
  };
  const playSecond = (): void => {
    const row = rowOf(now);
    for (let state = 0; state < k.states; state++) {
      if (isMet[row + state] === 0) continue;
      isMet[row + state] = 0;
      here.at = (row + state) * n;
      some = 0;
      if (watch) for (let i = here.at; i < here.at + n; i++) some += mass[i]!;
      // A start where nothing is left to play.
      if (!Number.isNaN(k.worth[state]!)) addTo(sums.arrivals, state * n, here, 1);
      else if (now > 0) decide(state);
      else {
        addTo(sums.timeUp, 0, here, 1);
        addTo(sums.seconds, 0, here, roundSeconds);
      }
      for (let i = here.at; i < here.at + n; i++) mass[i] = 0;
    }
  };
  for (now = roundSeconds; now >= 0; now--) {
    playSecond();
    yield (roundSeconds - now) / (roundSeconds + 1);
  }
  return sums.outlooks();
}
