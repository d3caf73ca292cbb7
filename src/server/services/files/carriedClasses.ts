import { sameValue } from '@/core/base';
import type { CarriedClass } from '@/core/tree';
import { kindOf, type AnyDocument } from '@/documents';
import { carriedClass } from '@/documents/class/carried';
import type { ClassDocument } from '@/documents/class/schema';
import type { Db } from '../../db/client';
import { manyDocuments } from '../../queries/documents';
import type { Context } from '../context';
import { insertFresh } from '../documents';

/** Takes in the classes that came with a tree; one that is there already, under its id or another, is left as it is. Inside a transaction. */
export async function takeClasses(tx: Db, context: Context, treeId: string, classes: readonly CarriedClass[] = []): Promise<void> {
  if (classes.length === 0) return;
  const known = await manyDocuments(tx, context.gymId, 'class');
  const own = known.map(({ document }) => document as unknown as ClassDocument).filter(({ tree }) => tree === treeId);
  // Where its id belonged to a class of another tree it is here under another id.
  const isThere = (given: CarriedClass): boolean =>
    own.some((plan) => plan.id === given.id || sameValue({ ...carriedClass(plan), id: given.id }, given));
  for (const given of classes)
    if (!isThere(given))
      await insertFresh(tx, context, 'class', kindOf('class').normalise({ ...given, tree: treeId } as AnyDocument), null);
}
