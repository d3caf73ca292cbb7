import type { CarriedClass } from '@/core/tree';
import { kindOf, type AnyDocument } from '@/documents';
import type { Db } from '../db/client';
import { manyDocuments } from '../queries/documents';
import type { Context } from './context';
import { insertFresh } from './documents';

/** Takes in the classes that came with a tree; one of its own that has the same id is left as it is. Inside a transaction. */
export async function takeClasses(tx: Db, context: Context, treeId: string, classes: readonly CarriedClass[] = []): Promise<void> {
  if (classes.length === 0) return;
  const known = await manyDocuments(tx, context.gymId, 'class');
  const own = new Set(
    known
      .map(({ document }) => document)
      .filter(({ tree }) => tree === treeId)
      .map(({ id }) => id),
  );
  for (const given of classes)
    if (!own.has(given.id))
      await insertFresh(tx, context, 'class', kindOf('class').normalise({ ...given, tree: treeId } as AnyDocument), null);
}
