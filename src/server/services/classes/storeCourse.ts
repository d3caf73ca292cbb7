import type { CourseToStore } from '@/contracts/course';
import type { Result } from '@/core/base';
import { ok } from '@/core/base';
import { newClassPlan, type ClassDocument } from '@/documents/class/schema';
import type { CourseDocument } from '@/documents/course/schema';
import type { Context } from '../context';
import { createDocument } from '../documents';
import { serially } from '../serially';
import { findSettings } from '../settings';
import { findDocuments, saveEdits, setDeleted, type StoreError } from '../store';
import { editBetween } from '../writing';
import { findClasses } from './classes';

/**
 * Writes the weeks of a group down: each class on its evening, then what the course had there before goes; what stands by hand stays, alone,
 * and where no class could be made the former one. One after the other, whichever windows ask: the later takes the place of the earlier.
 */
export function storeCourse(context: Context, treeId: string, asked: CourseToStore): Promise<Result<number, StoreError>> {
  const { from, dates, classes, ...rules } = asked;
  const { group, time, slotMinutes } = rules;
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
    await keepRules(context, treeId, rules);
    return ok(written);
  });
}

/** How each group's weeks were planned last. */
export async function findCourses(context: Context, treeId: string): Promise<CourseDocument[]> {
  const all = await findDocuments(context, 'course');
  return all.map(({ document }) => document as unknown as CourseDocument).filter(({ tree }) => tree === treeId);
}

/** Writes down how the weeks were planned, so that they can be planned again so; of each group there is one. */
async function keepRules(context: Context, treeId: string, rules: Omit<CourseDocument, 'id' | 'name' | 'tree'>): Promise<void> {
  const next = { ...rules, name: 'Weeks ahead', tree: treeId };
  const known = (await findDocuments(context, 'course')).find(({ document }) => document.tree === treeId && document.group === rules.group);
  if (!known) await createDocument(context, 'course', { ...next, id: `course-${crypto.randomUUID().slice(0, 8)}` }, null);
  else {
    const document = { ...next, id: known.document.id };
    const edit = editBetween('course', known.document, document, 'planned again');
    if (edit.diff.changes.length > 0) await saveEdits(context, 'course', document.id, { baseRevision: known.revision, edits: [edit] });
  }
}
