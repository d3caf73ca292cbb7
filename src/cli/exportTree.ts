import { formatTreeFile } from '@/core/notation';
import { connect } from '@/server/db/client';
import { findTree, findTrees } from '@/server/services/trees';
import { getGym } from '@/server/services/gym';
import { complain } from './readTree';

/** `npm run -s export -- TREE_ID`: prints the stored tree as a tree file. */
export async function main(args: readonly string[]): Promise<number> {
  const [treeId] = args;
  if (treeId === undefined || args.length !== 1) return complain(['Usage: npm run -s export -- TREE_ID']);
  if (!process.env.DATABASE_URL)
    return complain(['DATABASE_URL is not set. While bin/start runs:  DATABASE_URL=$(scripts/pg.sh url) npm run -s export -- TREE_ID']);
  const db = connect(process.env.DATABASE_URL, 1);
  try {
    const { gymId } = await getGym(db);
    const stored = await findTree(db, gymId, treeId);
    if (!stored)
      return complain([
        `There is no tree "${treeId}". Stored are: ${(await findTrees(db, gymId)).map((tree) => tree.treeId).join(', ') || 'none'}.`,
      ]);
    process.stdout.write(formatTreeFile(stored.tree));
    return 0;
  } finally {
    await db.end({ timeout: 5 });
  }
}
