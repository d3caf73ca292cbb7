import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { boardParamsSchema } from '@/contracts/boardParams';
import { CatalogueScreen } from '@/features/catalogue/CatalogueScreen';
import { findGymEntries } from '@/server/services/catalogueEntries';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Catalogue' };

interface Props {
  readonly params: Promise<{ tree: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function CataloguePage({ params, searchParams }: Props) {
  const { db, gymId } = await getWorkplace();
  const [stored, entries] = await Promise.all([findTree(db, gymId, decodeURIComponent((await params).tree)), findGymEntries(db, gymId)]);
  if (!stored) notFound();
  const { at } = boardParamsSchema.parse(await searchParams);
  return <CatalogueScreen key={stored.tree.id} tree={stored.tree} revision={stored.revision} at={at ?? null} entries={entries} />;
}
