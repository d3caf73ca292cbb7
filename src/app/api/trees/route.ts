import type { NextRequest } from 'next/server';
import { parseTreeFile } from '@/contracts/treeFile';
import { whoFrom } from '@/contracts/whoName';
import { TREE_FILE_MAX_BYTES } from '@/core/notation';
import { readBody, refuse, respond } from '@/server/http/respond';
import { getWorkplace } from '@/server/services/workplace';
import { findTrees, importTree } from '@/server/services/trees';

/** The gym's trees, last changed first. */
export const GET = () =>
  respond('trees', async () => {
    const { db, gymId } = await getWorkplace();
    return Response.json({ trees: (await findTrees(db, gymId)).map(({ treeId, name }) => ({ treeId, name })) });
  });

/** Takes in a tree file (the body); `?mode=replace` replaces the tree with the same id, else it becomes a tree of its own. */
export const POST = (request: NextRequest) =>
  respond('trees/import', async () => {
    const text = await readBody(request, TREE_FILE_MAX_BYTES).catch(() => undefined);
    if (text === undefined) return refuse(400, ['The file is not UTF-8 text. Nothing was stored.']);
    if (text === null) return refuse(413, ['The file is larger than 20 MB; the largest tree takes less. Nothing was stored.']);
    const tree = parseTreeFile(text);
    if (!tree.ok) return refuse(422, [...tree.error, 'Nothing was stored.']);
    const mode = request.nextUrl.searchParams.get('mode') === 'replace' ? 'replace' : 'copy';
    const { db, gymId } = await getWorkplace();
    const stored = await importTree(db, gymId, tree.value, mode, whoFrom(request.headers.get('cookie')));
    return stored.ok ? Response.json({ treeId: stored.value }, { status: 201 }) : refuse(409, stored.error);
  });
