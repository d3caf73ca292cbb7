import type { Metadata } from 'next';
import { openTree, type TreePage } from '@/app/openTree';
import { CourseScreen } from '@/features/course/CourseScreen';
import { findClasses } from '@/server/services/classes/classes';
import { findCourses } from '@/server/services/classes/storeCourse';
import { findHeld } from '@/server/services/classes/held';
import { findBook } from '@/server/services/trees';
import { today } from '@/server/today';

export const metadata: Metadata = { title: 'Course' };

export default async function CoursePage({ params }: TreePage) {
  const { context, tree } = await openTree(params);
  const [classes, held, book, courses] = await Promise.all([
    findClasses(context, tree.id),
    findHeld(context, tree.id),
    findBook(context, tree.id),
    findCourses(context, tree.id),
  ]);
  return <CourseScreen {...{ tree, held, book, courses }} classes={classes.map(({ plan }) => plan)} today={today()} />;
}
