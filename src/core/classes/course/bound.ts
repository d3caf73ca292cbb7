import type { InPieces } from '../../base';
import { stalenessAfter } from '../records/staleness';
import { forgettingIn, type CourseWorld } from './world';

/** What no course can be worth more than, with the prices that show it. */
export interface Bound {
  /** Points of V, all evenings together. */
  readonly worth: number;
  /** By evening: what a minute of it is worth, and a place among what is new. */
  readonly minute: Float64Array;
  readonly place: Float64Array;
}
const STEPS = 500;
/** Steps without a better bound after which they get shorter. */
const PATIENCE = 12;

/**
 * Minutes and new units are sold at prices, and each unit alone picks the evenings that pay (a longest path over them, with its own
 * forgetting); what the prices take in and the units keep is never less than the best course (Lagrangian relaxation; Geoffrion 1974).
 * Prices go down the subgradient, by as much as the bound stands above a course that is known (Polyak 1969; Held, Wolfe & Crowder 1974).
 * Order, shape and what a class is about are let go. `known`: what some course is worth.
 */
export function* boundInPieces(world: CourseWorld, known: number): InPieces<Bound> {
  const { evenings } = world;
  const { mostNew } = world.rules;
  const open = evenings.flatMap((evening, at) => (evening.stands === null ? [at] : []));
  const minute = new Float64Array(evenings.length);
  const place = new Float64Array(evenings.length);
  const teachers = teachersOf(world);
  const paths = world.units.map((_, unit) => new Paths(world, unit, open, teachers));
  let best: Bound = { worth: Infinity, minute: minute.slice(), place: place.slice() };
  // The first prices: what the minutes would bring if all of them went to the better half.
  const usual = paths.map((path) => path.density()).toSorted((a, b) => b - a);
  for (const at of open) minute[at] = usual[Math.min(usual.length - 1, open.length * 4)] ?? 0;
  let [pace, stuck] = [1, 0];
  for (let step = 0; step < STEPS; step++) {
    yield 0;
    const used = new Float64Array(evenings.length);
    const news = new Float64Array(evenings.length);
    let worth = 0;
    for (const at of open) worth += minute[at]! * evenings[at]!.minutes + (mostNew === null ? 0 : place[at]! * mostNew);
    for (const path of paths) worth += path.best(minute, place, used, news);
    if (worth < best.worth - 1e-12) {
      best = { worth, minute: minute.slice(), place: place.slice() };
      stuck = 0;
    } else if (++stuck >= PATIENCE) [pace, stuck] = [pace / 2, 0];
    // Each price in its own unit: of all minutes of an evening, of all places among what is new.
    const slack = open.map((at) => 1 - used[at]! / Math.max(1, evenings[at]!.minutes));
    const free = open.map((at) => (mostNew === null ? 0 : 1 - news[at]! / Math.max(1, mostNew)));
    const steep = [...slack, ...free].reduce((sum, item) => sum + item * item, 0);
    if (steep < 1e-12 || worth <= known) break;
    const length = (pace * (worth - known)) / steep;
    open.forEach((at, i) => {
      minute[at] = Math.max(0, minute[at]! - (length * slack[i]!) / Math.max(1, evenings[at]!.minutes));
      place[at] = Math.max(0, place[at]! - (length * free[i]!) / Math.max(1, mostNew ?? 1));
    });
  }
  return best;
}

function teachersOf({ moves, units, evenings }: CourseWorld): Int32Array {
  const found = new Int32Array(moves.length);
  for (const { own, moves: worked } of units) for (const move of new Set([...own, ...worked.map((item) => item.move)])) found[move]!++;
  for (const { stands } of evenings) for (const move of stands ?? []) found[move]!++;
  return found;
}

/** The evenings that one unit would pick at given prices. */
class Paths {
  /** What it brings with its usual work, as the n-th evening of its own, `from` the one before (−1 = none) to `to`. */
  private readonly brings: readonly (readonly (readonly number[])[])[];
  private readonly once: readonly number[];
  private readonly isNew: boolean;

  constructor(
    private readonly world: CourseWorld,
    private readonly unit: number,
    private readonly open: readonly number[],
    /** By move: units and evenings that would teach it. */
    teachers: Int32Array,
  ) {
    const { evenings, units, rules } = world;
    const { moves, once, own, isRound } = units[unit]!;
    const forgetting = forgettingIn(world);
    const after = (move: number, at: number, days: number, more: number): number =>
      evenings[at]!.sessions[move]!.reduce((sum, { times, share }) => sum + share * stalenessAfter(days, times + more, forgetting), 0);
    // As often as it comes at the most: one good session is the least that came before.
    this.brings = open.map((to) => [
      [moves.reduce((sum, { move, worth }) => sum + worth * evenings[to]!.stale[move]!, 0)],
      open.map((from) => {
        const days = evenings[to]!.day - evenings[from]!.day;
        return days < Math.max(1, rules.gapDays)
          ? -1
          : moves.reduce((sum, { move, worth }) => sum + worth * Math.min(evenings[to]!.stale[move]!, after(move, to, days, 1)), 0);
      }),
    ]);
    this.once = open.map((at) => once.reduce((sum, { worth }) => sum + worth[at]!, 0));
    // New for certain: it has a move that nothing else here could have taught before.
    const isUntaught = (move: number) => open.every((at) => evenings[at]!.taught[move]! < 0.5);
    this.isNew = !isRound && own.some((move) => isUntaught(move) && teachers[move] === 1);
  }

  /** What a minute brings where it comes first. */
  density(): number {
    const at = this.open[0];
    if (at === undefined) return 0;
    const { before, turns } = this.world.evenings[at]!;
    return (this.brings[0]![0]![0]! + this.once[0]!) / (before[this.unit]! + turns[this.unit]! * this.world.units[this.unit]!.work[1]);
  }

  /** What one evening keeps of what it brings, with the work that pays best; the minutes of it. */
  private kept(brings: number, once: number, at: number, price: number): { kept: number; minutes: number } {
    const { before, turns } = this.world.evenings[at]!;
    const [least, usual, most] = this.world.units[this.unit]!.work;
    const a = turns[this.unit]!;
    const pays = price * a <= 0 ? most : (brings / (2 * price * a)) ** 2 / usual;
    const work = Math.min(most, Math.max(least, pays));
    const minutes = before[this.unit]! + a * work;
    return { kept: brings * Math.sqrt(work / usual) + once - price * minutes, minutes };
  }

  /** What the unit keeps on its best evenings; adds the minutes that it takes, and where it would be new. */
  best(minute: Float64Array, place: Float64Array, used: Float64Array, news: Float64Array): number {
    const { open } = this;
    const { evenings } = this.world;
    const worth = new Float64Array(open.length);
    const minutes = new Float64Array(open.length);
    const from = new Int32Array(open.length).fill(-1);
    let end = -1;
    for (const [i, at] of open.entries()) {
      worth[i] = -Infinity;
      if (evenings[at]!.barred.has(this.unit)) continue;
      const first = this.kept(this.brings[i]![0]![0]!, this.once[i]!, at, minute[at]!);
      worth[i] = first.kept - (this.isNew ? place[at]! : 0);
      minutes[i] = first.minutes;
      for (let j = 0; j < i; j++) {
        const brings = this.brings[i]![1]![j]!;
        if (brings < 0 || worth[j] === -Infinity) continue;
        const next = this.kept(brings, this.once[i]!, at, minute[at]!);
        if (worth[j]! + next.kept <= worth[i]!) continue;
        worth[i] = worth[j]! + next.kept;
        minutes[i] = next.minutes;
        from[i] = j;
      }
      if (worth[i]! > (end < 0 ? 0 : worth[end]!)) end = i;
    }
    if (end < 0) return 0;
    for (let i = end; i >= 0; i = from[i]!) {
      used[open[i]!]! += minutes[i]!;
      if (from[i]! < 0 && this.isNew) news[open[i]!]!++;
    }
    return worth[end]!;
  }
}
