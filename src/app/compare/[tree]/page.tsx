import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { compareParamsSchema } from '@/contracts/compareParams';
import { CompareScreen } from '@/features/compare/CompareScreen';
import { findTree, findTrees } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Side by side' };

interface Props {
  readonly params: Promise<{ tree: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function ComparePage({ params, searchParams }: Props) {
  const { db, gymId } = await getWorkplace();
  const first = await findTree(db, gymId, decodeURIComponent((await params).tree));
  if (!first) notFound();
  const { with: other, school, against } = compareParamsSchema.parse(await searchParams);
  const second = other === undefined || other === first.tree.id ? first : await findTree(db, gymId, other);
  if (!second) notFound();
  const trees = await findTrees(db, gymId);
  return (
    <CompareScreen
      first={first.tree}
      second={second.tree}
      school={school ?? null}
      against={against ?? null}
      trees={trees.map(({ treeId, name }) => ({ treeId, name }))}
    />
  );
}
