import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { compareParamsSchema } from '@/contracts/compareParams';
import { CompareScreen } from '@/features/compare/CompareScreen';
import { findSummaries } from '@/server/services/store';
import { NotHere } from '@/ui/NotHere';
import { saidOfId } from '@/app/notHere';
import { findTree } from '@/server/services/trees';

export const metadata: Metadata = { title: 'Side by side' };

export default async function ComparePage({ params, searchParams }: SearchedTreePage) {
  const { context, tree } = await openTree(params);
  const { with: other, school, against } = compareParamsSchema.parse(await searchParams);
  const second = other === undefined || other === tree.id ? { tree } : await findTree(context, other);
  if (!second) notFound();
  const trees = (await findSummaries(context, 'tree')).map(({ id, name }) => ({ treeId: id, name }));
  const missing = [...saidOfId('school', school, tree.schools), ...saidOfId('school', against, second.tree.schools)];
  return (
    <>
      <NotHere said={missing} />
      <CompareScreen first={tree} second={second.tree} school={school ?? null} against={against ?? null} trees={trees} />
    </>
  );
}
