import { emptyClassPlan } from '@/contracts/classPlan';
import { classSheetOf, plannedUnits, type ClassSheet } from '@/core/drills';
import type { Db } from '../db/client';
import { maybeOnePlan } from '../queries/classPlans';
import { maybeOneTree } from '../queries/trees';

/** The stored class of a tree as a sheet; null = no such tree. */
export async function findSheet(db: Db, gymId: string, treeId: string): Promise<ClassSheet | null> {
  const [stored, plan] = await Promise.all([maybeOneTree(db, gymId, treeId), maybeOnePlan(db, gymId, treeId)]);
  if (!stored) return null;
  const settings = plan?.plan ?? emptyClassPlan;
  return classSheetOf(stored.tree, plannedUnits(stored.tree, settings).units, settings);
}
