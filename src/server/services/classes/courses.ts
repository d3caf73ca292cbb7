import {
  attendance,
  candidatesOf,
  forgettingOf,
  courseWorldInPieces,
  knownOn,
  missedBalance,
  missedDue,
  mostWorthwhile,
  sidesOf,
  standingOf,
  unitKey,
  unitMinutes,
  unitsByPlace,
  USUAL_SHAPE,
  type CourseEvening,
  type CourseWorld,
  type DrillUnit,
  type Due,
  type PlannedCourse,
} from '@/core/classes';
import { treeInGym } from '@/core/people';
import { indexOf, ownerRoleOf, type TreeDocument } from '@/core/tree';
import { sayCourse, sayMissed, sayOverdue } from '@/core/words';
import type { CourseAnswer, CourseAsked } from '@/contracts/course';
import type { BalanceAsked } from '@/documents/course/schema';
import { letOthersIn } from '@/documents/letOthersIn';
import { newClassPlan, type ClassDocument, type ClassPlan } from '@/documents/class/schema';
import type { Context } from '../context';
import { findElsewhere } from '../elsewhere';
import { DRAWN_DAYS, findBook, findDrawn, findTree } from '../trees';
import { findClasses } from './classes';
import { searchCourse, type Run } from './searchCourse';
import { findHeld } from './held';
import { MOST_UNITS, weighFor } from './proposing';

/** Most hard classes in a row. */
const HARD_CLASSES = 2;
const LEAST_SHARE = 0.2;

/** How much of a unit's work is of what is asked for, in [0, 1]. */
function partOf(tree: TreeDocument, { kind, of }: BalanceAsked, unit: DrillUnit, settings: ClassPlan): number {
  const { positions, transitions } = indexOf(tree);
  if (kind === 'side') return unit.spec.mirrored ? 1 : sidesOf(unit, settings) === 2 ? 0.5 : 0;
  if (kind === 'family') return Number(positions.get(unit.start)?.family === of);
  if (kind === 'role') return Number(ownerRoleOf(tree, positions.get(unit.start)!) === of);
  return Number(unit.transitions.some((id) => transitions.get(id)?.schools?.includes(of) === true));
}

/**
 * The weeks ahead of a group: a class for each of the days on which none stands by hand. Changes nothing; null = no such tree.
 * `onProgress`: a share in [0, 1].
 */
export async function findCourse(
  context: Context,
  treeId: string,
  asked: CourseAsked,
  today: string,
  run: Run = {},
): Promise<CourseAnswer | null> {
  const stored = await findTree(context, treeId);
  if (!stored) return null;
  const book = await findBook(context, treeId);
  const { group, time, slotMinutes, mostNew, gapDays, balance = [], due = [] } = asked;
  const forgetting = forgettingOf(book.settings);
  const slotOf = (date: string): ClassPlan => ({
    ...{ ...newClassPlan(book.settings), slotMinutes, date },
    ...(group === undefined ? {} : { group }),
    ...(time === undefined ? {} : { time }),
  });
  const dates = [...new Set(asked.dates)].toSorted();
  const first = dates[0]!;
  const held = await findHeld(context, treeId);
  // What is planned before the first of them teaches, too; what was held is in the records.
  const stands = ({ id, date, group: of, fromCourse }: ClassDocument): boolean =>
    date !== undefined &&
    of === group &&
    date >= today &&
    (date < first || fromCourse !== true) &&
    standingOf(id, date, held, today) !== 'held';
  const byHand = (await findClasses(context, treeId)).map(({ plan }) => plan).filter(stands);
  const taken = new Set(byHand.map(({ date }) => date));
  const evenings = [
    ...byHand.map((plan): CourseEvening => ({ ...eveningOf(plan), stands: plan.units })),
    ...dates.filter((date) => !taken.has(date)).map((date): CourseEvening => ({ ...eveningOf(slotOf(date)), stands: null })),
  ].toSorted((a, b) => (a.date < b.date ? -1 : 1));
  function eveningOf(plan: ClassPlan): Omit<CourseEvening, 'stands'> {
    const attended = attendance(plan, book);
    return { date: plan.date!, settings: attended.plan, expected: attended.expected.map(({ id }) => id) };
  }
  const { expected: athletes, plan: settings } = attendance(slotOf(first), book);
  const { tree, possible, payoffs } = await weighFor(
    treeInGym(stored.tree, book),
    {
      ...{ athletes, filter: {} },
      elsewhere: (shown, filter, question) => findElsewhere(context, shown, filter, question),
      drawn: await findDrawn(context, treeId, DRAWN_DAYS),
    },
    () => [],
  );
  const known = knownOn(
    held,
    first,
    athletes.map(({ id }) => id),
    forgetting,
  );
  const wanted = new Set(due.map(({ move }) => unitKey({ kind: 'move', of: [move] })));
  const candidates = mostWorthwhile(candidatesOf(tree, possible, settings, payoffs, known), MOST_UNITS, wanted);
  const weighed = new Set(candidates.map(({ unit }) => unit.key));
  const units = possible.filter(({ key }) => weighed.has(key));
  const places = unitsByPlace(tree, units);
  const given = {
    ...{ units, payoffs, evenings, held },
    rules: {
      ...{ shape: USUAL_SHAPE, mostNew, hardInARow: 2, hardClasses: HARD_CLASSES, gapDays, forgetting },
      places: places.size > 0 ? places : null,
      due,
      balance: balance.map((item) => ({
        ...{ name: item.name, least: LEAST_SHARE },
        part: (unit: DrillUnit) => partOf(tree, item, unit, settings),
      })),
    },
  };
  const world = await letOthersIn(courseWorldInPieces(tree, given), { ...(run.signal ? { signal: run.signal } : {}) });
  const found = await searchCourse(world, asked.polish === true, run);
  return answerOf(stored.tree, tree, { evenings, units, due }, world, found);
}

function answerOf(
  whole: TreeDocument,
  tree: TreeDocument,
  { evenings, units, due }: { evenings: readonly CourseEvening[]; units: readonly DrillUnit[]; due: readonly Due[] },
  world: CourseWorld,
  { course, worth, bound }: PlannedCourse,
): CourseAnswer {
  const { positions } = indexOf(tree);
  const missed = missedBalance(world, course);
  const empty = evenings.filter(({ stands }, at) => stands === null && course[at] === null).map(({ date }) => date);
  return {
    classes: course.flatMap((lesson, at) => {
      if (!lesson) return [];
      const { date, settings } = evenings[at]!;
      const planned = lesson.units.map((unit, i) => ({ ...units[unit]!, workMinutes: lesson.work[i]! }));
      return [
        {
          ...{ date, people: settings.people },
          about: (lesson.about !== null && positions.get(lesson.about)?.name) || '',
          minutes: planned.reduce((sum, unit) => sum + unitMinutes(unit, settings), 0),
          units: planned.map(({ spec, workMinutes }) => ({ ...spec, work: workMinutes })),
        },
      ];
    }),
    said: sayCourse(worth.worth, bound),
    notMet: [
      ...sayOverdue(whole, due, new Set(missedDue(world, course)), { evenings: evenings.filter(({ stands }) => stands === null), units }),
      ...sayMissed(world.rules.balance, missed),
      ...empty.map((date) => `${date}: no class that keeps the rules fits into this slot with what is left; what stood there stays.`),
    ],
  };
}
