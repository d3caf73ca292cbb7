import { connect } from '@/server/db/client';
import { localContext } from '@/server/services/context';
import { findBundle } from '@/server/services/files/bundles';
import { findSummaries } from '@/server/services/store';
import { findTreeFile } from '@/server/services/files/treeFiles';
import { complain } from './readTree';

/** `npm run -s export -- TREE_ID [--pictures]`: prints the stored tree as a tree file, or as a zip with its pictures. */
export async function main(args: readonly string[]): Promise<number> {
  const [treeId, ...flags] = args;
  if (treeId === undefined || flags.length > 1 || flags.some((flag) => flag !== '--pictures'))
    return complain(['Usage: npm run -s export -- TREE_ID [--pictures]']);
  if (!process.env.DATABASE_URL)
    return complain(['DATABASE_URL is not set. While bin/start runs:  DATABASE_URL=$(scripts/pg.sh url) npm run -s export -- TREE_ID']);
  const db = connect(process.env.DATABASE_URL, 1);
  try {
    const context = await localContext(db, null);
    const file = flags.length > 0 ? await findBundle(context, treeId) : await findTreeFile(context, treeId);
    if (file === null) {
      const stored = (await findSummaries(context, 'tree')).map((tree) => tree.id);
      return complain([`There is no tree "${treeId}". Stored are: ${stored.join(', ') || 'none'}.`]);
    }
    process.stdout.write(file);
    return 0;
  } finally {
    await db.end({ timeout: 5 });
  }
}
