import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { boardParamsSchema } from '@/contracts/boardParams';
import { filterFromParams } from '@/contracts/filter';
import { OddsScreen } from '@/features/odds/OddsScreen';
import { NotHere } from '@/ui/NotHere';
import { saidOfId } from '@/app/notHere';
import { findBook } from '@/server/services/trees';

export const metadata: Metadata = { title: 'Odds' };

export default async function OddsPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const found = await searchParams;
  const { at } = boardParamsSchema.parse(found);
  const start = tree.starts.find((item) => item.position === at)?.position ?? null;
  const [book, filter] = [await findBook(context, tree.id), filterFromParams(found)];
  const missing = saidOfId(
    'start',
    at,
    tree.starts.map((item) => item.position),
  );
  return (
    <>
      <NotHere said={missing} />
      <OddsScreen tree={tree} revision={revision} book={book} at={start} filter={filter} />
    </>
  );
}
