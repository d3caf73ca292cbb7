import { refuse } from '@/server/http/respond';
import { treeRoute } from '@/server/http/route';
import { calendarFile } from '@/server/services/classes/calendar';

export const dynamic = 'force-dynamic';

/** The classes of a tree that have a day, as a calendar file. */
export const GET = treeRoute('trees/calendar', async (context, treeId) => {
  const file = await calendarFile(context, treeId);
  if (file === null) return refuse(404, ['There is no such tree.']);
  return new Response(file, {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'content-disposition': 'attachment; filename="classes.ics"' },
  });
});
