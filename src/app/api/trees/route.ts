import { parseTreeFileInPieces } from '@/documents/tree/file';
import { readBody, refuse, refuseError, respond, TOO_LARGE } from '@/server/http/respond';
import { requestContext } from '@/server/services/requestContext';
import { importTree } from '@/server/services/trees';

/** Takes in a tree file (the body); `?mode=replace` replaces the tree with the same id, else it becomes a tree of its own. */
export const POST = (request: Request) =>
  respond('trees/import', async () => {
    const text = await readBody(request).catch(() => undefined);
    if (text === undefined) return refuse(400, ['The file is not UTF-8 text. Nothing was stored.']);
    if (text === null) return refuse(413, [TOO_LARGE]);
    const tree = await parseTreeFileInPieces(text);
    if (!tree.ok) return refuse(tree.error[0]?.includes('larger than 20 MB') ? 413 : 422, [...tree.error, 'Nothing was stored.']);
    const mode = new URL(request.url).searchParams.get('mode') === 'replace' ? 'replace' : 'copy';
    const stored = await importTree(await requestContext(), tree.value, mode);
    return stored.ok ? Response.json(stored.value, { status: 201 }) : refuseError(stored.error);
  });
