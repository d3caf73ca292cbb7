import type { Metadata } from 'next';
import { entriesOf, getCatalogue, withGymEntries } from '@/core/catalogue';
import { NotHere } from '@/ui/NotHere';
import { saidOfId } from '@/app/notHere';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { boardParamsSchema } from '@/contracts/boardParams';
import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';
import { getWords } from '@/server/services/words';

export const metadata: Metadata = { title: 'Catalogue' };

export default async function CataloguePage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const { at } = boardParamsSchema.parse(await searchParams);
  const words = await getWords(context);
  const { catalogue } = withGymEntries(getCatalogue(), entriesOf(words.document));
  const missing = saidOfId(
    'entry',
    at,
    catalogue.positions.map((entry) => entry.position.id),
  );
  return (
    <>
      <NotHere said={missing} />
      <CatalogueScreen key={tree.id} tree={tree} revision={revision} at={at ?? null} words={words} />
    </>
  );
}
