import type { PositionId } from '../../tree';
import type { Programme, Row, Solve } from '../propose/programme';
import { PHASES } from '../units/spec';
import { ordered, stretchedLesson } from './build';
import type { PlannedCourse } from './search';
import { Ledger, worthOfCourse, type CourseWorth } from './worth';
import { lasting, minutesOf, type Course, type CourseWorld, type Lesson } from './world';

/** Choices of one evening that were tried and cannot stand beside the others. */
const MOST_CUTS = 3;
/** Points of a hundred, as in proposals. */
const HUNDRED = 100;

/**
 * A course made better by the integer programme: one evening after the other is planned anew, exactly, with all others as they are, until
 * none gets better or `isOver`. A move that is taught takes from what later evenings bring with it. What the programme does not know
 * (novelty and prerequisites of later evenings, hard classes in a row, balance) is looked at afterwards; never worse than before.
 */
export async function polishCourse(
  world: CourseWorld,
  found: PlannedCourse,
  solve: Solve,
  { isOver, onEvening }: { readonly isOver: () => boolean; readonly onEvening?: () => void },
): Promise<PlannedCourse> {
  const open = world.evenings.flatMap(({ stands }, at) => (stands === null ? [at] : []));
  let { course, worth } = found;
  // The one that brings least comes first.
  let left = open.toSorted((a, b) => worth.each[a]! - worth.each[b]!);
  while (left.length > 0 && !isOver()) {
    const [at, ...others] = left;
    const next = await bestEvening(world, course, at!, worth.score, solve, isOver);
    onEvening?.();
    left = others;
    if (!next) continue;
    course = next.course;
    worth = next.worth;
    // It is the best beside the others; they may not be beside it any more.
    left = [...others, ...open.filter((item) => item !== at && !others.includes(item))];
  }
  return { course, worth, bound: Math.max(found.bound, worth.worth) };
}

/** The course with the best class on one evening; null = none is better than `score`. */
async function bestEvening(
  world: CourseWorld,
  course: Course,
  at: number,
  score: number,
  solve: Solve,
  isOver: () => boolean,
): Promise<{ course: Course; worth: CourseWorth } | null> {
  const one = new OneEvening(world, course, at);
  const cuts: (readonly number[])[] = [];
  for (let tries = 0; tries < MOST_CUTS && !isOver(); tries++) {
    const { status, chosen } = await solve(one.programme(cuts));
    if (status === 'impossible') return null;
    const units = one.unitsIn(chosen);
    const lesson = one.lessonOf(units, one.aboutIn(chosen));
    const next = lesson && course.with(at, lesson);
    const worth = next && worthOfCourse(world, next);
    if (worth) return worth.score > score + 1e-12 ? { course: next, worth } : null;
    cuts.push(units);
  }
  return null;
}

/** One evening among others that stay as they are: what may come, what it brings, and what it takes from later ones. */
class OneEvening {
  private readonly ledger: Ledger;
  /** Units that may come, each in some lengths of work. */
  private readonly options: readonly { readonly unit: number; readonly work: number }[];
  private readonly brings: ReadonlyMap<number, number>;
  private readonly places: readonly (readonly [PositionId, ReadonlySet<number>])[];
  /** By move, less than nothing: what later evenings lose when it is taught. */
  private readonly takes: ReadonlyMap<number, number>;
  /** The world where on this evening stands what is taught: one for all that is tried, since it remembers what it has found. */
  private readonly taught: number[] = [];
  private readonly withTaught: CourseWorld;
  /** Number of the first variable that is a place. */
  private firstPlace = Infinity;

  constructor(
    private readonly world: CourseWorld,
    private readonly course: Course,
    private readonly at: number,
  ) {
    const { evenings, units, rules } = world;
    const evening = evenings[at]!;
    this.ledger = new Ledger(world);
    for (let before = 0; before < at; before++) this.ledger.add(course[before] ?? null);
    const near = new Set(
      course.flatMap((lesson, i) => (i > at && evenings[i]!.day - evening.day < rules.gapDays ? (lesson?.units ?? []) : [])),
    );
    const may = units.flatMap((_, unit) => (!near.has(unit) && this.ledger.isRested(unit, evening) ? [unit] : []));
    this.brings = new Map(may.map((unit) => [unit, this.ledger.brings(unit, evening)]));
    this.options = may.flatMap((unit) => [...new Set(units[unit]!.work)].map((work) => ({ unit, work })));
    this.places = [...(rules.places ?? [])];
    const moves = new Set(may.flatMap((unit) => this.movesOf(unit)));
    this.withTaught = { ...world, evenings: evenings.with(at, { ...evening, stands: this.taught }) };
    const without = this.later([]);
    this.takes = new Map([...moves].map((move) => [move, this.later([move]) - without] as const).filter(([, worth]) => worth !== 0));
  }
  private movesOf = (unit: number): number[] => {
    const { own, moves } = this.world.units[unit]!;
    return [...new Set([...own, ...moves.map(({ move }) => move)])];
  };

  /** What later evenings bring when these moves are taught on this one, whether or not they may stay as they are. */
  private later(taught: readonly number[]): number {
    const { withTaught: world, course, at } = this;
    this.taught.splice(0, Infinity, ...taught);
    const ledger = new Ledger(world);
    let worth = 0;
    for (const [i, evening] of world.evenings.entries()) {
      const lesson = i === at ? null : (course[i] ?? null);
      if (i > at && lesson) {
        const had = new Set<string>();
        lesson.units.forEach((unit, n) => {
          worth += ledger.brings(unit, evening) * lasting(lesson.work[n]!, world.units[unit]!.work[1]) + ledger.bringsOnce(unit, had);
        });
      }
      ledger.add(lesson);
    }
    return worth;
  }

  /** Variables: each length of each unit · what counts once · moves that are taught · what the class is about. */
  programme(cuts: readonly (readonly number[])[]): Programme {
    const { world, options, ledger, at } = this;
    const { rules, units, evenings } = world;
    const evening = evenings[at]!;
    const rows: Row[] = [];
    const numbers = (test: (unit: number) => boolean): number[] => options.flatMap(({ unit }, i) => (test(unit) ? [i] : []));
    const ones = (of: readonly number[], weight = 1): Row['terms'] => of.map((i) => [i, weight] as const);
    const between = (least: number, most: number, terms: Row['terms']): void => void rows.push({ least, most, terms });
    const of = new Map([...this.brings.keys()].map((unit) => [unit, numbers((item) => item === unit)]));
    between(
      -Infinity,
      evening.minutes,
      options.map(({ unit, work }, i) => [i, minutesOf(evening, unit, work)] as const),
    );
    for (const [unit, all] of of) {
      between(-Infinity, 1, ones(all));
      for (const need of units[unit]!.needs)
        if (!ledger.isKnown(need.own, evening)) between(-Infinity, 0, [...ones(all), ...ones(of.get(need.unit) ?? [], -1)]);
    }
    if (rules.shape) {
      for (const phase of PHASES) {
        const [least, most] = rules.shape.phases[phase] ?? [0, Infinity];
        between(least, most, ones(numbers((unit) => units[unit]!.unit.phase === phase)));
      }
      between(...rules.shape.all, ones(numbers((unit) => units[unit]!.unit.kind !== 'solo')));
    }
    // An evening without a class is none.
    between(1, Infinity, ones(numbers(() => true)));
    if (rules.mostNew !== null) between(-Infinity, rules.mostNew, ones(numbers((unit) => ledger.isNew(unit, evening))));
    const k = rules.hardInARow;
    if (k !== null)
      between(
        -Infinity,
        k,
        options.map(({ unit }, i) => [i, units[unit]!.isHard ? 1 : -k] as const),
      );
    for (const cut of cuts) between(-Infinity, cut.length - 1, ones(numbers((unit) => cut.includes(unit))));
    const worth = options.map(({ unit, work }) => this.brings.get(unit)! * lasting(work, units[unit]!.work[1]) * HUNDRED);
    const variable = (value: number): number => worth.push(value * HUNDRED) - 1;
    for (const [key, gain] of this.once()) {
      const i = variable(gain);
      between(-Infinity, 0, [
        [i, 1],
        ...ones(
          numbers((unit) => units[unit]!.once.some((item) => item.key === key)),
          -1,
        ),
      ]);
    }
    for (const [move, loss] of this.takes) {
      const i = variable(loss);
      const teachers = numbers((unit) => this.movesOf(unit).includes(move));
      between(-Infinity, 0, [[i, 1], ...ones(teachers, -1)]);
      for (const all of of.values()) if (teachers.includes(all[0]!)) between(-Infinity, 0, [...ones(all), [i, -1]]);
    }
    if (this.places.length > 0) {
      const first = (this.firstPlace = worth.length);
      this.places.forEach(() => variable(0));
      between(1, 1, ones(this.places.map((_, i) => first + i)));
      for (const [unit, all] of of)
        between(-Infinity, 0, [...ones(all), ...this.places.flatMap(([, may], i) => (may.has(unit) ? [[first + i, -1] as const] : []))]);
    }
    return { worth, rows };
  }
  /** What counts once on this evening, by key. */
  private once(): Map<string, number> {
    const gains = new Map<string, number>();
    for (const unit of this.brings.keys())
      for (const { key, move, worth, isTeaching } of this.world.units[unit]!.once)
        if (!isTeaching || !this.ledger.wasTaught(move)) gains.set(key, worth[this.at]!);
    return gains;
  }

  unitsIn = (chosen: readonly number[]): number[] => [...new Set(chosen.flatMap((i) => this.options[i]?.unit ?? []))];
  /** The places are the last variables. */
  aboutIn(chosen: readonly number[]): PositionId | null {
    const at = chosen.find((i) => i >= this.firstPlace);
    return (at === undefined ? undefined : this.places[at - this.firstPlace]?.[0]) ?? null;
  }
  /** In order, with work where it brings most; null = there is no order. */
  lessonOf(chosen: readonly number[], about: PositionId | null): Lesson | null {
    if (chosen.length === 0) return null;
    const { world, at } = this;
    const lesson = stretchedLesson(world, at, chosen, this.brings, about);
    return ordered(world, lesson);
  }
}
