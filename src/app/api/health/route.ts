import { respond } from '@/server/http/respond';
import { getWorkplace } from '@/server/services/workplace';

export const dynamic = 'force-dynamic';

/** Answers only when the database does. */
export const GET = () =>
  respond('health', async () => {
    await getWorkplace();
    return Response.json({ product: 'red-ladder', database: 'answers' });
  });
