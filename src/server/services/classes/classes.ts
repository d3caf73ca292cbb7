import { attendance, meetingsBefore, pairsOf, unitsOf, type Expected } from '@/core/classes';
import { classSheetOf, feederCardsOf, type ClassSheet, type FeederCard } from '@/core/words';
import type { TreeDocument } from '@/core/tree';
import { newClassPlan, type ClassDocument, type ClassPlan } from '@/documents/class/schema';
import type { Context } from '../context';
import { createDocument } from '../documents';
import { findSettings } from '../settings';
import { findDocument, findDocuments } from '../store';
import { today } from '../../today';
import { findHeld } from './held';
import { findBook, findTreeInGym } from '../trees';

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
  const made = await createDocument(
    context,
    'class',
    { ...newClassPlan(await findSettings(context)), id, name: 'Next class', tree: id },
    null,
  );
  if (!made.ok) throw new Error(made.error.problems.join(' '));
  return findClasses(context, id);
}

interface Opened {
  readonly tree: TreeDocument;
  /** With its clock for those who come. */
  readonly plan: ClassPlan;
  readonly expected: readonly Expected[];
}
/** A tree in its gym, and the class of it that is named, else its first, else an empty one; null = no such tree or class. */
async function openClass(context: Context, treeId: string, classId: string | null): Promise<Opened | null> {
  const tree = await findTreeInGym(context, treeId);
  if (!tree) return null;
  const named = classId === null ? null : await findDocument(context, 'class', classId);
  const plan = classId === null ? (await findClasses(context, treeId))[0]?.plan : (named?.document as unknown as ClassDocument | undefined);
  if (plan && plan.tree !== treeId) return null;
  if (!plan && classId !== null) return null;
  const book = await findBook(context, treeId);
  return { tree, ...attendance<ClassPlan>(plan ?? newClassPlan(book.settings), book) };
}

/** A class of a tree as a sheet: the one that is named, else the first; null = no such tree or class. */
export async function findSheet(context: Context, treeId: string, classId: string | null): Promise<ClassSheet | null> {
  const opened = await openClass(context, treeId, classId);
  return opened && classSheetOf(opened.tree, unitsOf(opened.tree, opened.plan.units).units, opened.plan);
}

/** The feeders' cards of a class, one for each who comes; null = no such tree or class. */
export async function findCards(context: Context, treeId: string, classId: string | null): Promise<FeederCard[] | null> {
  const opened = await openClass(context, treeId, classId);
  if (!opened) return null;
  const { tree, plan, expected } = opened;
  const units = unitsOf(tree, plan.units).units.filter(({ kind }) => kind !== 'solo');
  const seed = plan.pairSeed ?? 1;
  const before = meetingsBefore(await findHeld(context, treeId), plan.date ?? today());
  const rounds = pairsOf(plan, expected, units.length, before);
  return feederCardsOf(tree, units, expected.length > 1 ? rounds : null, new Map(expected.map(({ id, name }) => [id, name])), seed);
}
