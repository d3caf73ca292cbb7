import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { emptyClassPlan } from '@/contracts/classPlan';
import { ClassScreen } from '@/features/class/ClassScreen';
import { findPlan } from '@/server/services/classPlans';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Class' };

export default async function ClassPage({ params }: { params: Promise<{ tree: string }> }) {
  const { db, gymId } = await getWorkplace();
  const treeId = decodeURIComponent((await params).tree);
  const [stored, plan] = await Promise.all([findTree(db, gymId, treeId), findPlan(db, gymId, treeId)]);
  if (!stored) notFound();
  return <ClassScreen tree={stored.tree} plan={plan?.plan ?? emptyClassPlan} revision={plan?.revision ?? 0} />;
}
