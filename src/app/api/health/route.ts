import { respond } from '@/server/http/respond';
import { requestContext } from '@/server/services/requestContext';

export const dynamic = 'force-dynamic';

/** Answers only when the database does. */
export const GET = () =>
  respond('health', async () => {
    await (
      await requestContext()
    ).db`select 1 as here`;
    return Response.json({ product: 'red-ladder', database: 'answers' });
  });
