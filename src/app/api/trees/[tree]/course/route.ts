import { courseAskedSchema, type CourseLine } from '@/contracts/course';
import { readJson } from '@/server/http/readJson';
import { linesOf } from '@/server/http/linesOf';
import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { today } from '@/server/today';
import { findTree } from '@/server/services/trees';
import { findCourse } from '@/server/services/classes/courses';

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
