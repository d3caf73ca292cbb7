import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { boardParamsSchema } from '@/contracts/boardParams';
import { filterFromParams } from '@/contracts/filter';
import { OddsScreen } from '@/features/odds/OddsScreen';
import { findBook } from '@/server/services/trees';

export const metadata: Metadata = { title: 'Odds' };

export default async function OddsPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const found = await searchParams;
  const { at } = boardParamsSchema.parse(found);
  const start = tree.starts.find((item) => item.position === at)?.position ?? null;
  return <OddsScreen tree={tree} revision={revision} book={await findBook(context, tree.id)} at={start} filter={filterFromParams(found)} />;
}
