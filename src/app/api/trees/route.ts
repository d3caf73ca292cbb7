import { isZip } from '@/documents/tree/bundle';
import { parseTreeFileInPieces } from '@/documents/tree/file';
import { readBytes, refuse, refuseError, respond, TOO_LARGE } from '@/server/http/respond';
import { importBareTree, importBundle } from '@/server/services/files/bundles';
import { requestContext } from '@/server/services/requestContext';

function asText(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

/** Takes in a tree file, or a zip with one and its pictures (the body); `?mode=replace` replaces the tree with the same id, else it becomes a tree of its own. */
export const POST = (request: Request) =>
  respond('trees/import', async () => {
    const bytes = await readBytes(request);
    if (bytes === null) return refuse(413, [TOO_LARGE]);
    const mode = new URL(request.url).searchParams.get('mode') === 'replace' ? 'replace' : 'copy';
    if (isZip(bytes)) {
      const taken = await importBundle(await requestContext(), bytes, mode);
      return taken.ok ? Response.json(taken.value, { status: 201 }) : refuseError(taken.error);
    }
    const text = asText(bytes);
    if (text === null) return refuse(400, ['The file is not UTF-8 text. Nothing was stored.']);
    const tree = await parseTreeFileInPieces(text);
    if (!tree.ok) return refuse(tree.error[0]?.includes('larger than 20 MB') ? 413 : 422, [...tree.error, 'Nothing was stored.']);
    const stored = await importBareTree(await requestContext(), tree.value, mode);
    return stored.ok ? Response.json(stored.value, { status: 201 }) : refuseError(stored.error);
  });
