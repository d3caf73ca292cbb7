import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomCourse } from '../../../../tests/support/randomCourse';
import { atOnce } from '../../base';
import { solveProgramme } from '@/server/solver/solveProgramme';
import { USUAL_SHAPE } from '../propose/model';
import { boundInPieces } from './bound';
import { polishCourse } from './polish';
import { planCourseInPieces } from './search';
import { missedBalance, missedDue, worthOfCourse } from './worth';
import { minutesOf, type Course, type CourseWorld, type Lesson } from './world';

/** Every class of an evening that fits into its minutes, in the usual work. */
function everyLesson({ units, evenings }: CourseWorld, at: number): (Lesson | null)[] {
  const evening = evenings[at]!;
  return Array.from({ length: 2 ** units.length }, (_, bits): Lesson | null | undefined => {
    const chosen = units.flatMap((_unit, i) => (bits & (1 << i) ? [i] : []));
    const work = chosen.map((unit) => units[unit]!.work[1]);
    const minutes = chosen.reduce((sum, unit, i) => sum + minutesOf(evening, unit, work[i]!), 0);
    if (minutes > evening.minutes + 1e-9) return undefined;
    return chosen.length === 0 ? null : { about: null, units: chosen, work };
  }).filter((lesson) => lesson !== undefined);
}
/** The most that any course is worth, by trying all. */
function literalBest(world: CourseWorld): number {
  let best = 0;
  const tryFrom = (course: Course): void => {
    const at = course.length;
    if (at === world.evenings.length) {
      best = Math.max(best, worthOfCourse(world, course)?.worth ?? 0);
      return;
    }
    for (const lesson of everyLesson(world, at)) tryFrom([...course, lesson]);
  };
  tryFrom([]);
  return best;
}

describe('a course', () => {
  it('of few evenings and units is nearly as good as the best of all there are, mostly the same, and none is better than its bound', () => {
    const reached: number[] = [];
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(null, 1, 2), (seed, mostNew) => {
        const world = randomCourse(seed, { units: 5, evenings: 3, minutes: 30, isRigid: true, rules: { mostNew } });
        const best = literalBest(world);
        const found = atOnce(planCourseInPieces(world, 2000));
        expect(found.worth.worth).toBeLessThanOrEqual(best + 1e-12);
        reached.push(found.worth.worth / best);
        expect(atOnce(boundInPieces(world, 0)).worth).toBeGreaterThanOrEqual(best - 1e-9);
      }),
      { numRuns: 40, seed: 5 },
    );
    expect(Math.min(...reached)).toBeGreaterThan(0.94);
    expect(reached.reduce((sum, part) => sum + part, 0) / reached.length).toBeGreaterThan(0.99);
    expect(reached.filter((part) => part > 1 - 1e-9).length).toBeGreaterThan(20);
  });
  it('keeps its rules: days between, what comes first, shape, what is new, hard classes, minutes; of the same seed it is the same', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const rules = { shape: USUAL_SHAPE, mostNew: 3, hardInARow: 2, hardClasses: 2, gapDays: 6 };
        const world = randomCourse(seed, { units: 25, evenings: 6, minutes: 50, rules });
        const { course, worth, bound } = atOnce(planCourseInPieces(world, 60, seed));
        expect(worthOfCourse(world, course)!.worth).toBe(worth.worth);
        expect(bound).toBeGreaterThanOrEqual(worth.worth - 1e-9);
        const last = new Map<number, number>();
        course.forEach((lesson, at) => {
          const evening = world.evenings[at]!;
          if (!lesson) return;
          expect(lesson.units.reduce((sum, unit, i) => sum + minutesOf(evening, unit, lesson.work[i]!), 0)).toBeLessThanOrEqual(50 + 1e-9);
          expect(lesson.units.length).toBeGreaterThanOrEqual(3);
          expect(lesson.units.filter((unit) => world.units[unit]!.isRound).length).toBeGreaterThanOrEqual(1);
          for (const unit of lesson.units) {
            expect(evening.day - (last.get(unit) ?? -Infinity)).toBeGreaterThanOrEqual(6);
            last.set(unit, evening.day);
          }
        });
        expect(atOnce(planCourseInPieces(world, 60, seed)).course).toEqual(course);
      }),
      { numRuns: 30, seed: 9 },
    );
  });
  it('never has a unit again within its days, in a thousand courses', () => {
    let again = 0;
    for (let seed = 1; seed <= 1000; seed++) {
      const gapDays = seed % 9;
      const world = randomCourse(seed, { units: 8, evenings: 5, minutes: 40, rules: { gapDays, mostNew: seed % 2 === 0 ? 2 : null } });
      const last = new Map<number, number>();
      atOnce(planCourseInPieces(world, 20, seed)).course.forEach((lesson, at) => {
        const { day } = world.evenings[at]!;
        for (const unit of lesson?.units ?? []) {
          if (last.has(unit)) again++;
          expect(day - (last.get(unit) ?? -Infinity)).toBeGreaterThanOrEqual(gapDays);
          last.set(unit, day);
        }
      });
    }
    expect(again).toBeGreaterThan(1000);
  });
  it('works at what is asked for at the least, where that can be had', () => {
    const units = new Set([0, 5, 10]);
    const balance = [{ name: 'spider', least: 0.2, units: new Map([...units].map((unit) => [unit, 1])) }];
    const asked = { units: 25, evenings: 4, minutes: 50, rules: { mostNew: null, balance } };
    const worlds = [1, 2, 3, 4].map((seed) => randomCourse(seed, asked));
    for (const world of worlds) {
      const { course } = atOnce(planCourseInPieces(world, 600));
      expect(missedBalance(world, course)[0]).toBeLessThan(0.02);
    }
  });
  it('has what is due by its day, whatever else would bring more, and says what cannot come', () => {
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const rules = { shape: USUAL_SHAPE, mostNew: 3, hardInARow: 2, gapDays: 6 };
      const bare = randomCourse(seed, { units: 25, evenings: 4, minutes: 50, rules });
      const { course: free } = atOnce(planCourseInPieces(bare, 300));
      // What nobody would have taken before the third evening.
      const unit = bare.units.findIndex((_, i) => !free.slice(0, 2).some((lesson) => lesson?.units.includes(i)));
      const [move] = bare.units[unit]!.own;
      const with1 = (by: number, units = new Set([unit])) => ({ ...bare, rules: { ...bare.rules, due: [{ move: move!, units, by }] } });
      expect(missedDue(with1(1), free)).toEqual([0]);
      const { course, worth } = atOnce(planCourseInPieces(with1(1), 300));
      expect(missedDue(with1(1), course)).toEqual([]);
      expect(worth.score).toBe(worth.worth);
      for (const never of [with1(-1), with1(1, new Set())]) {
        const none = atOnce(planCourseInPieces(never, 60));
        expect([missedDue(never, none.course), none.worth.worth > 0]).toEqual([[0], true]);
      }
    }
  });
  it('is polished evening by evening by the integer programme until no other class on one of them would be worth more', async () => {
    let better = 0;
    for (const seed of [1, 2, 3, 4, 5, 6, 7, 8]) {
      const made = randomCourse(seed, { units: 6, evenings: 3, minutes: 30, isRigid: true, rules: { mostNew: seed % 2 === 0 ? 2 : null } });
      const world = { ...made, units: made.units.map((unit) => ({ ...unit, needs: [] })) };
      const poor = {
        ...atOnce(planCourseInPieces(world, 0)),
        course: [null, null, null],
        worth: worthOfCourse(world, [null, null, null])!,
      };
      for (const start of [poor, atOnce(planCourseInPieces(world, 20))]) {
        const { course, worth } = await polishCourse(world, start, solveProgramme, { isOver: () => false });
        expect(worth.worth).toBeGreaterThanOrEqual(start.worth.worth);
        expect(worthOfCourse(world, course)).toEqual(worth);
        if (worth.worth > start.worth.worth + 1e-9) better++;
        // What is new on later evenings is looked at afterwards: there a better one may be missed.
        for (const at of seed % 2 === 0 ? [] : [0, 1, 2])
          for (const lesson of everyLesson(world, at).filter((item) => item !== null))
            expect(worthOfCourse(world, course.with(at, lesson))?.worth ?? 0).toBeLessThanOrEqual(worth.worth + 1e-9);
      }
      expect((await polishCourse(world, poor, solveProgramme, { isOver: () => true })).course).toEqual(poor.course);
    }
    expect(better).toBeGreaterThan(7);
  });
  it('polished keeps its rules', async () => {
    const rules = { shape: USUAL_SHAPE, mostNew: 3, hardInARow: 2, hardClasses: 2, gapDays: 6 };
    const world = randomCourse(2, { units: 25, evenings: 4, minutes: 50, rules });
    const start = atOnce(planCourseInPieces(world, 10));
    const { course, worth, bound } = await polishCourse(world, start, solveProgramme, { isOver: () => false });
    expect(worthOfCourse(world, course)!.worth).toBeCloseTo(worth.worth, 12);
    expect(worth.worth).toBeGreaterThan(start.worth.worth);
    expect(bound).toBeGreaterThanOrEqual(worth.worth);
  });
  it('leaves what stands by hand, counts what it taught, and keeps away from it', () => {
    const world = randomCourse(3, { units: 8, evenings: 3, minutes: 40 });
    const stands = world.units[0]!.own;
    const evenings = world.evenings.map((evening, at) =>
      at === 1 ? { ...evening, stands } : { ...evening, barred: new Set(Math.abs(evening.day - world.evenings[1]!.day) < 6 ? [0] : []) },
    );
    const { course } = atOnce(planCourseInPieces({ ...world, evenings }, 200));
    expect(course[1]).toBeNull();
    expect(course[0]!.units).not.toContain(0);
    expect(course[2]).not.toBeNull();
  });
  it('counts a hard class that stands by hand among those in a row, and leaves it', () => {
    const hard = { hardClasses: 1, shape: null };
    const world = randomCourse(4, { units: 10, evenings: 3, minutes: 40, rules: hard });
    const rounds = world.units.flatMap(({ isHard }, i) => (isHard ? [i] : []));
    const all = { about: null, units: [rounds[0]!], work: [world.units[rounds[0]!]!.work[1]] };
    const with1 = (isHard: boolean) => ({
      ...world,
      evenings: world.evenings.map((evening, at) => (at === 1 ? { ...evening, stands: [], isHard } : evening)),
    });
    expect(worthOfCourse(with1(false), [all, null, null])).not.toBeNull();
    expect(worthOfCourse(with1(true), [null, null, all])).toBeNull();
    expect(worthOfCourse(with1(true), [all, null, null])).not.toBeNull();
  });
  it('of no evenings, or of no units, is empty', () => {
    for (const world of [
      randomCourse(1, { units: 4, evenings: 0, minutes: 40 }),
      randomCourse(1, { units: 0, evenings: 3, minutes: 40 }),
    ]) {
      const { worth, bound, course } = atOnce(planCourseInPieces(world, 20));
      expect([worth.worth, bound]).toEqual([0, 0]);
      expect(course.every((lesson) => lesson === null)).toBe(true);
    }
  });
});
