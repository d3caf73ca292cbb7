import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { filterFromParams } from '@/contracts/filter';
import { PlanScreen } from '@/features/plan/PlanScreen';
import { findBook } from '@/server/services/trees';

export const metadata: Metadata = { title: 'Game plan' };

export default async function PlanPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const book = await findBook(context, tree.id);
  return <PlanScreen tree={tree} revision={revision} book={book} filter={filterFromParams(await searchParams)} />;
}
