import { PICTURE_HASH } from '@/contracts/picture';
import { refuse, respond } from '@/server/http/respond';
import { requestContext } from '@/server/services/requestContext';
import { findPicture } from '@/server/services/pictures';

export const dynamic = 'force-dynamic';

/** A picture by its hash: what is there under it never changes. */
export const GET = (_: Request, { params }: { params: Promise<{ hash: string }> }) =>
  respond('pictures/read', async () => {
    const { hash } = await params;
    const picture = PICTURE_HASH.test(hash) ? await findPicture(await requestContext(), hash) : null;
    if (!picture) return refuse(404, ['There is no such picture.']);
    return new Response(new Uint8Array(picture.bytes), {
      headers: { 'content-type': picture.type, 'cache-control': 'private, max-age=31536000, immutable' },
    });
  });
