import { formatTreeFile } from '@/core/notation';
import { carriedClass } from '@/documents/class/carried';
import { findClasses } from '../classes/classes';
import type { Context } from '../context';
import { findTreeInGym } from '../trees';

/** The tree file, with the cards and people that the tree names, and the classes made for it; null = no such tree. */
export async function findTreeFile(context: Context, treeId: string): Promise<string | null> {
  const tree = await findTreeInGym(context, treeId, 'named');
  if (!tree) return null;
  const classes = (await findClasses(context, treeId))
    .map(({ plan }) => carriedClass(plan))
    .filter(({ units }) => (units as unknown[]).length > 0);
  return formatTreeFile({ ...tree, classes });
}
