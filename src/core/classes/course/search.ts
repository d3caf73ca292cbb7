import { seededRandom, type InPieces, type Random } from '../../base';
import type { PositionId } from '../../tree';
import { boundInPieces, type Bound } from './bound';
import { builtLesson } from './build';
import { Ledger, missedBalance, missedDue, worthOfCourse, type CourseWorth } from './worth';
import type { Course, CourseWorld, Lesson } from './world';

export interface PlannedCourse {
  readonly course: Course;
  readonly worth: CourseWorth;
  /** No course is worth more, points of V. */
  readonly bound: number;
}
/** How a class is put together. */
type How = Pick<Parameters<typeof builtLesson>[0], 'about' | 'kept' | 'noise' | 'favoured'>;

const FIRST_TRIES = 12;
/** Score that is given up for a while, in parts of a class's, when the search begins. */
const WARM = 0.03;

/**
 * The weeks ahead (MODEL §5, course): evening after evening at first, then one or two evenings are taken out again and again, mostly those
 * that bring least for the prices of their minutes, and made anew with some luck (large-neighbourhood search; Shaw 1998); a little may be
 * lost on the way, less and less (simulated annealing). Seeded. `tries`: how often.
 */
export function* planCourseInPieces(world: CourseWorld, tries: number, seed = 1): InPieces<PlannedCourse> {
  const search = new Search(world, seededRandom(seed));
  yield* search.begin();
  yield* search.price();
  for (let done = 0; done < tries; done++) {
    search.tryOne(1 - done / tries);
    yield done / tries;
  }
  return search.found();
}

class Search {
  private readonly open: readonly number[];
  private readonly places: readonly (PositionId | null)[];
  private now: (Lesson | null)[];
  private worth: CourseWorth;
  private bound: Bound | null = null;
  private best: { course: Course; worth: CourseWorth };

  constructor(
    private readonly world: CourseWorld,
    private readonly random: Random,
  ) {
    this.open = world.evenings.flatMap(({ stands }, at) => (stands === null ? [at] : []));
    this.places = world.rules.places ? [...world.rules.places.keys()] : [null];
    this.now = world.evenings.map(() => null);
    this.worth = worthOfCourse(world, this.now)!;
    this.best = { course: [...this.now], worth: this.worth };
  }

  found = (): PlannedCourse => ({ ...this.best, bound: Math.max(this.bound?.worth ?? 0, this.best.worth.worth) });

  /** Prices of minutes, from what is known so far. */
  *price(): InPieces<void> {
    this.bound = yield* boundInPieces(this.world, this.best.worth.worth);
  }
  private minutePrice = (at: number): number => this.bound?.minute[at] ?? 0;

  /** Each evening the best of some tries about each place. */
  *begin(): InPieces<void> {
    for (const at of this.open) {
      for (const about of this.places)
        for (let i = 0; i < FIRST_TRIES; i++) {
          const lesson = this.built(this.now, at, { about, kept: [], noise: i === 0 ? 0 : 0.4, favoured: null });
          if (lesson) this.consider(this.now.with(at, lesson), 0);
        }
      yield 0;
    }
  }

  /** `heat` in [0, 1]. */
  tryOne(heat: number): void {
    const { random, open } = this;
    if (open.length === 0) return;
    const due = random() < 0.5 ? this.overdue() : null;
    const at = due?.at ?? this.weakest();
    const next = [...this.now];
    const more = random() < 0.5 ? 0 : random() < 0.6 ? 1 : 2;
    const others = Array.from({ length: more }, () => open[Math.floor(random() * open.length)]!);
    const gone = [...new Set([at, ...others])].sort((a, b) => a - b);
    const missed = this.favoured();
    for (const item of gone) next[item] = null;
    for (const item of gone) {
      const was = this.now[item];
      const isMended = was && random() < 0.7;
      if (due && item === at) {
        next[item] = this.built(next, item, { about: due.about, kept: [due.unit], noise: 0.8 * random(), favoured: null });
        continue;
      }
      const about = was && (isMended || random() < 0.5) ? was.about : this.places[Math.floor(random() * this.places.length)]!;
      next[item] = this.built(next, item, {
        about,
        kept: isMended ? this.most(was.units) : [],
        noise: random() < 0.2 ? 3 : 0.8 * random(),
        favoured: random() < 0.5 ? missed : null,
      });
    }
    this.consider(next, heat);
  }

  private consider(course: (Lesson | null)[], heat: number): void {
    const worth = worthOfCourse(this.world, course);
    if (!worth) return;
    const lost = this.worth.score - worth.score;
    const aClass = this.best.worth.worth / Math.max(1, this.open.length);
    if (lost > 0 && this.random() >= Math.exp(-lost / Math.max(1e-12, WARM * heat * heat * aClass))) return;
    this.now = course;
    this.worth = worth;
    if (worth.score > this.best.worth.score + 1e-15) this.best = { course: [...course], worth };
  }

  /** An evening by luck, those that bring least for the price of their minutes more often. */
  private weakest(): number {
    const { random, open, world, worth } = this;
    if (random() < 0.3) return open[Math.floor(random() * open.length)]!;
    const short = open.map((at) => Math.max(0.01, this.minutePrice(at) * world.evenings[at]!.minutes * 1.5 - worth.each[at]!));
    let rest = random() * short.reduce((sum, item) => sum + item, 0);
    for (const [i, item] of short.entries()) if ((rest -= item) < 0) return open[i]!;
    return open.at(-1)!;
  }

  /** All but one or two of them. */
  private most(units: readonly number[]): number[] {
    const gone = new Set(Array.from({ length: this.random() < 0.7 ? 1 : 2 }, () => Math.floor(this.random() * units.length)));
    return units.filter((_, i) => !gone.has(i));
  }
  /** Something that has not come by its day, with one of its units, an evening before that and what a class with it may be about. */
  private overdue(): { at: number; unit: number; about: PositionId | null } | null {
    const { random, world, open } = this;
    const any = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
    const { due = [], places } = world.rules;
    const missed = any(missedDue(world, this.now));
    if (missed === undefined) return null;
    const { units, by } = due[missed]!;
    const at = any(open.filter((item) => item <= by));
    const unit = any([...units].filter((item) => at !== undefined && !world.evenings[at]!.barred.has(item)));
    if (at === undefined || unit === undefined) return null;
    const about = places ? any([...places].filter(([, allowed]) => allowed.has(unit))) : null;
    return about === undefined ? null : { at, unit, about: about && about[0] };
  }
  /** Units of a balance that is missed. */
  private favoured(): ReadonlySet<number> | null {
    const { balance } = this.world.rules;
    if (balance.length === 0) return null;
    const missed = missedBalance(this.world, this.now);
    const all = balance.filter((_, b) => missed[b]! > 0);
    const chosen = all[Math.floor(this.random() * all.length)];
    return chosen ? new Set(chosen.units.keys()) : null;
  }

  private built(course: readonly (Lesson | null)[], at: number, how: How): Lesson | null {
    const { world, random } = this;
    const ledger = new Ledger(world);
    for (let before = 0; before < at; before++) ledger.add(course[before] ?? null);
    const near = new Set<number>();
    for (let after = at + 1; after < course.length; after++)
      if (world.evenings[after]!.day - world.evenings[at]!.day < world.rules.gapDays)
        for (const unit of course[after]?.units ?? []) near.add(unit);
    return builtLesson({ world, ledger, at, near, price: this.minutePrice(at) * 1.2 * random(), random, ...how });
  }
}
