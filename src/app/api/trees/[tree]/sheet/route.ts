import { refuse, respond } from '@/server/http/respond';
import { classPdf } from '@/server/services/classPdf';
import { findSheet } from '@/server/services/classSheets';
import { getWorkplace } from '@/server/services/workplace';

export const dynamic = 'force-dynamic';

/** The class sheet as a PDF of one A4 page. */
export const GET = (_request: Request, { params }: { params: Promise<{ tree: string }> }) =>
  respond('trees/sheet', async () => {
    const { db, gymId } = await getWorkplace();
    const sheet = await findSheet(db, gymId, decodeURIComponent((await params).tree));
    if (!sheet) return refuse(404, ['There is no such tree.']);
    return new Response(new Uint8Array(await classPdf(sheet)), {
      headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="class-sheet.pdf"' },
    });
  });
