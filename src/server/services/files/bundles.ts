import { err, ok, type Result } from '@/core/base';
import type { TreeDocument } from '@/core/tree';
import { sayMissingPictures } from '@/core/words';
import { picturesIn } from '@/documents/picture/hashes';
import { packBundle, unpackBundle } from '@/documents/tree/bundle';
import { parseTreeFileInPieces } from '@/documents/tree/file';
import { manyPictures } from '../../queries/pictures';
import type { Context } from '../context';
import { readPictures, storePictures } from '../pictures';
import { findTreeFile } from './treeFiles';
import { findTree, importTree, type ImportMode, type TakenTree } from '../trees';
import type { StoreError } from '../store';

/** The tree file in a zip with its pictures; null = no such tree. */
export async function findBundle(context: Context, treeId: string): Promise<Uint8Array | null> {
  const file = await findTreeFile(context, treeId);
  const stored = await findTree(context, treeId);
  return file === null || stored === null ? null : packBundle(file, await manyPictures(context.db, context.gymId, picturesIn(stored.tree)));
}

/** What was taken in, and how many of its pictures are not here. */
async function withMissingTold({ db, gymId }: Context, tree: TreeDocument, taken: TakenTree): Promise<TakenTree> {
  const hashes = picturesIn(tree);
  const missing = hashes.length === 0 ? 0 : hashes.length - (await manyPictures(db, gymId, hashes)).length;
  return missing === 0 ? taken : { ...taken, notes: [...taken.notes, sayMissingPictures(missing)] };
}

/** Takes in a checked tree that came without its pictures. */
export async function importBareTree(context: Context, tree: TreeDocument, mode: ImportMode): Promise<Result<TakenTree, StoreError>> {
  const taken = await importTree(context, tree, mode);
  return taken.ok ? ok(await withMissingTold(context, tree, taken.value)) : taken;
}

const refused = (...problems: readonly string[]): Result<never, StoreError> =>
  err({ code: 'refused', problems: [...problems, 'Nothing was stored.'] });

/** Takes in a zip: all of it is checked before any of it is kept. Pictures that the tree does not show are left out. */
export async function importBundle(context: Context, bytes: Uint8Array, mode: ImportMode): Promise<Result<TakenTree, StoreError>> {
  const bundle = unpackBundle(bytes);
  if (!bundle.ok) return refused(bundle.error);
  const tree = await parseTreeFileInPieces(bundle.value.file);
  if (!tree.ok) return refused(...tree.error);
  const pictures = readPictures(bundle.value.pictures);
  if (!pictures.ok) return refused(`A picture in the zip: ${pictures.error}`);
  const shown = new Set(picturesIn(tree.value));
  const kept = await storePictures(
    context,
    pictures.value.filter(({ hash }) => shown.has(hash)),
  );
  if (!kept.ok) return refused(kept.error);
  const taken = await importTree(context, tree.value, mode);
  if (!taken.ok) return taken;
  return ok(await withMissingTold(context, tree.value, taken.value));
}
