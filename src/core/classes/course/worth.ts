import { perObject } from '../../base';
import { stalenessAfter } from '../records/staleness';
import { forgettingIn, lasting, type Course, type CourseWorld, type Evening, type Lesson } from './world';

/** As much is remembered at the most: 32 MB. */
const MOST_REMEMBERED = 4_000_000;
/** Staleness after a session of the course, by evening, the evening of the last session, how many there were, and move; found once. */
const remembered = perObject(({ evenings, moves }: CourseWorld) => {
  const size = evenings.length ** 2 * REMEMBERED * moves.length;
  return new Float64Array(size > MOST_REMEMBERED ? 0 : size).fill(NaN);
});
const REMEMBERED = 4;
/** By unit the moves that an evening with it works at, each once. */
const worked = perObject(({ units }: CourseWorld) =>
  units.map(({ own, moves }) => Int32Array.from(new Set([...own, ...moves.map(({ move }) => move)]))),
);

/** What has been drilled on the evenings so far. */
export class Ledger {
  /** Number of the evening of the last session of a move, and how many there were. */
  private readonly last: Int32Array;
  private readonly known: Float64Array;
  private readonly works: readonly Int32Array[];
  private at = 0;
  private readonly times: Int32Array;
  private readonly unitDay: Float64Array;

  constructor(private readonly world: CourseWorld) {
    this.last = new Int32Array(world.moves.length);
    this.known = remembered(world);
    this.works = worked(world);
    this.times = new Int32Array(world.moves.length);
    this.unitDay = new Float64Array(world.units.length).fill(-Infinity);
  }

  /** How much of a move is forgotten on an evening, in [0, 1]: of each who comes by his own sessions, the mean. */
  staleness(move: number, evening: Evening): number {
    const more = this.times[move]!;
    if (more === 0) return evening.stale[move]!;
    if (more > REMEMBERED || this.known.length === 0) return this.stalenessOf(move, evening, more);
    const { evenings, moves } = this.world;
    const key = ((this.at * evenings.length + this.last[move]!) * REMEMBERED + more - 1) * moves.length + move;
    const known = this.known[key]!;
    return Number.isNaN(known) ? (this.known[key] = this.stalenessOf(move, evening, more)) : known;
  }
  private stalenessOf(move: number, evening: Evening, more: number): number {
    const days = evening.day - this.world.evenings[this.last[move]!]!.day;
    const forgetting = forgettingIn(this.world);
    return evening.sessions[move]!.reduce((sum, { times, share }) => sum + share * stalenessAfter(days, times + more, forgetting), 0);
  }
  /** To how many of those who come it has been taught. */
  taught = (move: number, evening: Evening): number => (this.times[move]! > 0 ? 1 : evening.taught[move]!);
  /** On an evening of the course. */
  wasTaught = (move: number): boolean => this.times[move]! > 0;
  isNew = (unit: number, evening: Evening): boolean => {
    const { own, isRound } = this.world.units[unit]!;
    return !isRound && own.some((move) => this.taught(move, evening) < 0.5);
  };
  /** Whether a unit may come now, as far as the days between are concerned. */
  isRested = (unit: number, { day, barred }: Evening): boolean =>
    !barred.has(unit) && day - this.unitDay[unit]! >= this.world.rules.gapDays;
  /** What comes before a unit is in the class, or known. */
  isReady = (unit: number, inClass: (unit: number) => boolean, evening: Evening): boolean =>
    this.world.units[unit]!.needs.every((need) => (need.unit >= 0 && inClass(need.unit)) || this.isKnown(need.own, evening));
  isKnown = (own: readonly number[], evening: Evening): boolean =>
    own.length > 0 && own.every((move) => this.taught(move, evening) >= 2 / 3 - 1e-12);

  /** What a unit's practice brings with its usual work. */
  brings(unit: number, evening: Evening): number {
    let sum = 0;
    for (const { move, worth } of this.world.units[unit]!.moves) sum += worth * this.staleness(move, evening);
    return sum;
  }
  /** What counts once, of units of a class that has had `had` of it. */
  bringsOnce(unit: number, had: Set<string> | null): number {
    let sum = 0;
    for (const { key, move, worth, isTeaching } of this.world.units[unit]!.once) {
      if (had?.has(key) === true || (isTeaching && this.times[move]! > 0)) continue;
      had?.add(key);
      sum += worth[this.at]!;
    }
    return sum;
  }

  private teach(moves: ArrayLike<number>): void {
    for (let i = 0; i < moves.length; i++) {
      const move = moves[i]!;
      if (this.times[move]! > 0 && this.last[move] === this.at) continue;
      this.times[move]!++;
      this.last[move] = this.at;
    }
  }
  /** Writes the next evening down. */
  add(lesson: Lesson | null): void {
    const evening = this.world.evenings[this.at]!;
    if (evening.stands) this.teach(evening.stands);
    else for (const unit of lesson?.units ?? []) this.teach(this.works[unit]!);
    for (const unit of lesson?.units ?? []) this.unitDay[unit] = evening.day;
    this.at++;
  }
}

/** Whether more than half of a lesson's work is hard. */
export function isHardLesson({ units }: CourseWorld, evening: Evening, lesson: Lesson): boolean {
  let [hard, all] = [0, 0];
  lesson.units.forEach((unit, i) => {
    const work = evening.turns[unit]! * lesson.work[i]!;
    all += work;
    if (units[unit]!.isHard) hard += work;
  });
  return hard > all / 2;
}

/** What the rules leave of a class on the evening that is next: points of V; null = a rule is broken. */
export function worthOfLesson(world: CourseWorld, ledger: Ledger, evening: Evening, lesson: Lesson): number | null {
  const inClass = (unit: number) => lesson.units.includes(unit);
  const had = new Set<string>();
  let [worth, news] = [0, 0];
  for (const [i, unit] of lesson.units.entries()) {
    if (!ledger.isRested(unit, evening) || !ledger.isReady(unit, inClass, evening)) return null;
    if (ledger.isNew(unit, evening)) news++;
    worth += ledger.brings(unit, evening) * lasting(lesson.work[i]!, world.units[unit]!.work[1]);
    worth += ledger.bringsOnce(unit, had);
  }
  const { mostNew } = world.rules;
  return mostNew !== null && news > mostNew ? null : worth;
}

/** What a missing part of all work minutes costs, in parts of what the course is worth. */
const OUT_OF_BALANCE = 3;
/** By how much of all work minutes each asked balance is missed, in [0, 1]; 0 = it is met. */
export function missedBalance({ evenings, rules }: CourseWorld, course: Course): number[] {
  if (rules.balance.length === 0) return [];
  const has = rules.balance.map(() => 0);
  let all = 0;
  course.forEach((lesson, at) =>
    lesson?.units.forEach((unit, i) => {
      const minutes = evenings[at]!.turns[unit]! * lesson.work[i]!;
      all += minutes;
      rules.balance.forEach(({ units }, b) => void (has[b]! += minutes * (units.get(unit) ?? 0)));
    }),
  );
  return rules.balance.map(({ least }, b) => (all === 0 ? 0 : Math.max(0, least - has[b]! / all)));
}

/** What has not come by its day: numbers of what is due. */
export function missedDue({ evenings, rules }: CourseWorld, course: Course): number[] {
  return (rules.due ?? []).flatMap(({ move, units, by }, i) => {
    const comes = evenings.some(
      ({ stands }, at) => at <= by && (stands ? stands.includes(move) : course[at]?.units.some((unit) => units.has(unit)) === true),
    );
    return comes ? [] : [i];
  });
}
/** More than any course is worth: what is due comes before all that is only good. */
const OVERDUE = 1;

export interface CourseWorth {
  /** Points of V, all evenings together. */
  readonly worth: number;
  readonly each: readonly number[];
  /** What is looked at when courses are compared: less what a missed balance costs, and what has not come by its day. */
  readonly score: number;
}
/** What a course is worth, evening after evening, each with what those before have taught; null = it breaks a rule. */
export function worthOfCourse(world: CourseWorld, course: Course): CourseWorth | null {
  const ledger = new Ledger(world);
  const each: number[] = [];
  let hard = 0;
  for (const [at, evening] of world.evenings.entries()) {
    const lesson = course[at] ?? null;
    const worth = lesson ? worthOfLesson(world, ledger, evening, lesson) : 0;
    if (worth === null) return null;
    hard = (evening.stands ? evening.isHard : lesson && isHardLesson(world, evening, lesson)) ? hard + 1 : 0;
    // What stands by hand is the coach's, however many of them are hard.
    if (evening.stands && world.rules.hardClasses !== null) hard = Math.min(hard, world.rules.hardClasses);
    if (world.rules.hardClasses !== null && hard > world.rules.hardClasses) return null;
    each.push(worth);
    ledger.add(lesson);
  }
  const worth = each.reduce((sum, item) => sum + item, 0);
  const missed = missedBalance(world, course).reduce((sum, item) => sum + item, 0);
  return { worth, each, score: worth * (1 - OUT_OF_BALANCE * missed) - OVERDUE * missedDue(world, course).length };
}
