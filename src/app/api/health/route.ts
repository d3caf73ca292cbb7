import { respond } from '@/server/http/respond';
import { requestContext } from '@/server/services/requestContext';

export const dynamic = 'force-dynamic';

/** Answers only when the database does. */
export const GET = () =>
  respond('health', async () => {
    await requestContext();
    return Response.json({ product: 'red-ladder', database: 'answers' });
  });
