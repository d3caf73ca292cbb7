import { connect } from '@/server/db/client';
import { localContext } from '@/server/services/context';
import { isZip } from '@/documents/tree/bundle';
import { importBareTree, importBundle } from '@/server/services/files/bundles';
import { complain, readFileBytes, readTree } from './readTree';

/** `npm run -s import -- FILE [--replace]`: stores a tree file, or a zip with one and its pictures, in the database at DATABASE_URL. */
export async function main(args: readonly string[]): Promise<number> {
  const files = args.filter((arg) => !arg.startsWith('--'));
  const flags = args.filter((arg) => arg.startsWith('--'));
  if (files.length !== 1 || flags.some((flag) => flag !== '--replace')) return complain(['Usage: npm run -s import -- FILE [--replace]']);
  if (!process.env.DATABASE_URL)
    return complain(['DATABASE_URL is not set. While bin/start runs:  DATABASE_URL=$(scripts/pg.sh url) npm run -s import -- FILE']);
  const bytes = await readFileBytes(files[0]!);
  if (!bytes.ok) return complain(bytes.error);
  const tree = isZip(bytes.value) ? null : await readTree(files[0]!);
  if (tree && !tree.ok) return complain(tree.error);
  const db = connect(process.env.DATABASE_URL, 1);
  try {
    const context = await localContext(db, null);
    const mode = flags.includes('--replace') ? 'replace' : 'copy';
    const stored = tree ? await importBareTree(context, tree.value, mode) : await importBundle(context, bytes.value, mode);
    if (!stored.ok) return complain(stored.error.problems);
    console.log(stored.value.treeId);
    for (const note of stored.value.notes) console.error(note);
    return 0;
  } finally {
    await db.end({ timeout: 5 });
  }
}
