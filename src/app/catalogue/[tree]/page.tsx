import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { boardParamsSchema } from '@/contracts/boardParams';
import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';
import { getWords } from '@/server/services/words';

export const metadata: Metadata = { title: 'Catalogue' };

export default async function CataloguePage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const { at } = boardParamsSchema.parse(await searchParams);
  return <CatalogueScreen key={tree.id} tree={tree} revision={revision} at={at ?? null} words={await getWords(context)} />;
}
