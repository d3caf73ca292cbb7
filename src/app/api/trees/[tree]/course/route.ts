import { courseAskedSchema, courseToStoreSchema, type CourseLine } from '@/contracts/course';
import { readJson } from '@/server/http/readJson';
import { linesOf } from '@/server/http/linesOf';
import { refuse, refuseError } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { today } from '@/server/today';
import { findTree } from '@/server/services/trees';
import { findCourse } from '@/server/services/classes/courses';
import { storeCourse } from '@/server/services/classes/storeCourse';

export const dynamic = 'force-dynamic';

/** The weeks ahead: how far it is, a line each, and last the classes; changes nothing. */
export const POST = treeRoute('trees/course', async (context, treeId, request) => {
  const body = await readJson(request, courseAskedSchema);
  if (!body.ok) return body.error;
  if (!(await findTree(context, treeId))) return refuse(404, ['There is no such tree.']);
  return linesOf<CourseLine>('trees/course', request.signal, async (say, signal) => {
    const answer = await findCourse(context, treeId, body.value, today(), { signal, onProgress: (share) => say({ share }) });
    say(answer ? { answer } : { problems: ['The tree was deleted meanwhile.'] });
  });
});

/** Writes the weeks down that were found, in the place of those that a course had there. */
export const PUT = treeRoute('trees/course', async (context, treeId, request) => {
  const body = await readJson(request, courseToStoreSchema);
  if (!body.ok) return body.error;
  if (!(await findTree(context, treeId))) return refuse(404, ['There is no such tree.']);
  const stored = await storeCourse(context, treeId, body.value);
  return stored.ok ? Response.json({ written: stored.value }) : refuseError(stored.error);
});
