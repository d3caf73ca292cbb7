import type { CourseToStore } from '@/contracts/course';
import type { Result } from '@/core/base';
import { ok } from '@/core/base';
import { newClassPlan, type ClassDocument } from '@/documents/class/schema';
import type { Context } from '../context';
import { createDocument } from '../documents';
import { serially } from '../serially';
import { findSettings } from '../settings';
import { setDeleted, type StoreError } from '../store';
import { findClasses } from './classes';

/**
 * Writes the weeks of a group down: each class on its evening, then what the course had there before goes; what stands by hand stays, alone,
 * and where no class could be made the former one. One after the other, whichever windows ask: the later course takes the place of the earlier.
 */
export function storeCourse(context: Context, treeId: string, asked: CourseToStore): Promise<Result<number, StoreError>> {
  const { group, time, slotMinutes, from, dates, classes } = asked;
  return serially(`course ${context.gymId} ${treeId}`, async () => {
    const isAhead = (plan: ClassDocument): boolean => plan.date !== undefined && plan.date >= from && plan.group === group;
    const ahead = (await findClasses(context, treeId)).map(({ plan }) => plan).filter(isAhead);
    const byHand = new Set(ahead.filter(({ fromCourse }) => fromCourse !== true).map(({ date }) => date));
    const former = ahead.filter(({ fromCourse }) => fromCourse === true);
    const usual = newClassPlan(await findSettings(context));
    const remove = async (gone: readonly ClassDocument[]): Promise<void> => {
      for (const { id } of gone) await setDeleted(context, 'class', id, true);
    };
    let written = 0;
    for (const { date, about, people, units } of classes) {
      if (byHand.has(date)) continue;
      const made = await createDocument(
        context,
        'class',
        {
          ...{ ...usual, slotMinutes, date, people, units },
          ...(group === undefined ? {} : { group }),
          ...(time === undefined ? {} : { time }),
          ...{ id: `course-${date}`, name: about || 'Class', tree: treeId, fromCourse: true },
        },
        null,
      );
      if (!made.ok) return made;
      written++;
      await remove(former.filter((plan) => plan.date === date));
    }
    await remove(former.filter(({ date }) => !dates.includes(date!) || byHand.has(date)));
    return ok(written);
  });
}
