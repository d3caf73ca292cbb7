import { readBytes, refuse, respond } from '@/server/http/respond';
import { requestContext } from '@/server/services/requestContext';
import { readPictures, storePictures } from '@/server/services/pictures';

/** Larger bodies are not read: what is around the picture in a file counts too. */
const MOST_BYTES = 4_000_000;

/** Keeps a picture (the body); answers what it is kept under. */
export const POST = (request: Request) =>
  respond('pictures/store', async () => {
    const bytes = await readBytes(request, MOST_BYTES);
    if (bytes === null) return refuse(413, ['This picture is larger than 4 MB. Nothing was stored.']);
    const read = readPictures([bytes]);
    if (!read.ok) return refuse(422, [`${read.error} Nothing was stored.`]);
    const kept = await storePictures(await requestContext(), read.value);
    return kept.ok ? Response.json({ hash: read.value[0]!.hash }, { status: 201 }) : refuse(409, [kept.error]);
  });
