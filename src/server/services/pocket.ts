import type { Filter } from '@/core/lens';
import { pocketOf } from '@/core/pocket';
import { picturesIn } from '@/documents/picture/hashes';
import { pocketPage } from '@/documents/pocket/page';
import { manyPictures } from '../queries/pictures';
import type { Context } from './context';
import { findTreeInGym } from './trees';
import { today } from '../today';

/** A tree as one page for the pocket; null = no such tree. */
export async function findPocketPage(context: Context, treeId: string, filter: Filter, withPictures: boolean): Promise<string | null> {
  const tree = await findTreeInGym(context, treeId);
  if (!tree) return null;
  const pictures = withPictures ? await manyPictures(context.db, context.gymId, picturesIn(tree)) : [];
  return pocketPage(
    pocketOf(tree, filter, today()),
    pictures.map(({ hash, type, bytes }) => ({ hash, source: `data:${type};base64,${Buffer.from(bytes).toString('base64')}` })),
  ).html;
}
