import { unitsOf } from '@/core/classes';
import { classSheetOf, type ClassSheet } from '@/core/words';
import type { TreeDocument } from '@/core/tree';
import { emptyClassPlan, type ClassDocument } from '@/documents/class/schema';
import type { Context } from './context';
import { createDocument } from './documents';
import { findDocument, findDocuments } from './store';
import { findTreeInGym } from './trees';

export interface StoredClass {
  readonly plan: ClassDocument;
  readonly revision: number;
}

/** The classes made for a tree, in the order in which they were made. */
export async function findClasses(context: Context, treeId: string): Promise<StoredClass[]> {
  const all = await findDocuments(context, 'class');
  return all
    .map(({ document, revision }) => ({ plan: document as unknown as ClassDocument, revision }))
    .filter(({ plan }) => plan.tree === treeId);
}

/** The classes made for a tree; a first one is made for a tree that has none. */
export async function getClasses(context: Context, { id }: Pick<TreeDocument, 'id'>): Promise<StoredClass[]> {
  const known = await findClasses(context, id);
  if (known.length > 0) return known;
  const made = await createDocument(context, 'class', { ...emptyClassPlan, id, name: 'Next class', tree: id }, null);
  if (!made.ok) throw new Error(made.error.problems.join(' '));
  return findClasses(context, id);
}

/** A class of a tree as a sheet: the one that is named, else the first; null = no such tree or class. */
export async function findSheet(context: Context, treeId: string, classId: string | null): Promise<ClassSheet | null> {
  const tree = await findTreeInGym(context, treeId);
  if (!tree) return null;
  const named = classId === null ? null : await findDocument(context, 'class', classId);
  const plan = classId === null ? (await findClasses(context, treeId))[0]?.plan : (named?.document as unknown as ClassDocument | undefined);
  if (plan && plan.tree !== treeId) return null;
  if (!plan && classId !== null) return null;
  const settings = plan ?? emptyClassPlan;
  return classSheetOf(tree, unitsOf(tree, settings.units).units, settings);
}
