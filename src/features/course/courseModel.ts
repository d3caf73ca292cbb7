import {
  isHardClass,
  sidesOf,
  standingOf,
  turnsOf,
  unitsOf,
  weekdayOf,
  dayAfter,
  type DrillUnit,
  type HeldClass,
  type Standing,
} from '@/core/classes';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { unitTitle } from '@/core/words';
import type { CourseAsked } from '@/contracts/course';
import type { ClassDocument } from '@/documents/class/schema';
import type { CourseDocument } from '@/documents/course/schema';

export interface CourseClass {
  readonly plan: ClassDocument & { readonly date: string };
  readonly standing: Standing;
  readonly titles: readonly string[];
  /** More than half of its work is under hard resistance. */
  readonly isHard: boolean;
}
export interface CourseWeek {
  /** Its Monday, 'YYYY-MM-DD'. */
  readonly monday: string;
  readonly classes: readonly CourseClass[];
}
export interface Share {
  readonly name: string;
  /** Of all work minutes, in [0, 1]. */
  readonly part: number;
}

const workOf = (unit: DrillUnit, plan: ClassDocument): number => unit.workMinutes * turnsOf(unit, plan);

/** Classes with a day, by weeks, the first week first; those of one group or all. */
export function courseWeeks(
  tree: TreeDocument,
  classes: readonly ClassDocument[],
  held: readonly HeldClass[],
  today: string,
  group: string | undefined,
): CourseWeek[] {
  const dated = classes.filter(
    (plan): plan is ClassDocument & { date: string } => plan.date !== undefined && (group === undefined || plan.group === group),
  );
  const byWeek = new Map<string, CourseClass[]>();
  for (const plan of dated.toSorted((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))) {
    const { units } = unitsOf(tree, plan.units);
    const monday = dayAfter(plan.date, -weekdayOf(plan.date));
    const item = {
      ...{ plan, standing: standingOf(plan.id, plan.date, held, today), isHard: isHardClass(units, plan) },
      titles: units.map((unit) => unitTitle(tree, unit)),
    };
    byWeek.set(monday, [...(byWeek.get(monday) ?? []), item]);
  }
  return [...byWeek].map(([monday, list]) => ({ monday, classes: list }));
}

/** Shares of the work minutes by the place where the units begin, most first; and the guards that none begins at. */
export function balanceOf(tree: TreeDocument, classes: readonly ClassDocument[]): { shares: Share[]; without: string[] } {
  const minutes = new Map<string, number>();
  for (const plan of classes)
    for (const unit of unitsOf(tree, plan.units).units) minutes.set(unit.start, (minutes.get(unit.start) ?? 0) + workOf(unit, plan));
  const all = [...minutes.values()].reduce((sum, item) => sum + item, 0);
  const index = indexOf(tree);
  return {
    shares: [...minutes]
      .map(([id, item]) => ({ name: positionOf(index, id).name, part: all === 0 ? 0 : item / all }))
      .toSorted((a, b) => b.part - a.part),
    without: tree.starts.filter(({ position }) => !minutes.has(position)).map(({ position }) => positionOf(index, position).name),
  };
}

/** Whether both sides are drilled in most of the work, as a share in [0, 1]; null = there is no work. */
export function bothSidesShare(tree: TreeDocument, classes: readonly ClassDocument[]): number | null {
  let [both, all] = [0, 0];
  for (const plan of classes)
    for (const unit of unitsOf(tree, plan.units).units) {
      const work = workOf(unit, plan);
      all += work;
      if (sidesOf(unit, plan) === 2) both += work;
    }
  return all === 0 ? null : both / all;
}

/** What the coach asks for: the days come from weekdays and weeks. */
export interface CourseWanted extends Omit<CourseAsked, 'dates' | 'time'> {
  readonly weekdays: readonly number[];
  readonly time: string;
  readonly from: string;
  readonly weeks: number;
}
const USUAL = { weekdays: [1, 3], time: '18:30', weeks: 4, slotMinutes: 60, mostNew: 3, gapDays: 6, balance: [] };

/** The weeks of a group as they were planned last, else as usual, from tomorrow on; what was due before today is past. */
export function wantedFor(courses: readonly CourseDocument[], group: string | undefined, today: string): CourseWanted {
  const last = courses.find((course) => course.group === group);
  const from = dayAfter(today, 1);
  if (!last) return { ...USUAL, group, from };
  const { weekdays, weeks, slotMinutes, mostNew, gapDays, balance = [], time = '', due = [] } = last;
  return { ...{ group, weekdays, weeks, slotMinutes, mostNew, gapDays, balance, time, from }, due: due.filter(({ by }) => by >= today) };
}
