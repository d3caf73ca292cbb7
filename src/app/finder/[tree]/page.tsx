import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { FinderScreen } from '@/features/finder/FinderScreen';
import { findGymEntries } from '@/server/services/catalogueEntries';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Read finder' };

export default async function FinderPage({ params }: { readonly params: Promise<{ tree: string }> }) {
  const { db, gymId } = await getWorkplace();
  const [stored, entries] = await Promise.all([findTree(db, gymId, decodeURIComponent((await params).tree)), findGymEntries(db, gymId)]);
  if (!stored) notFound();
  return <FinderScreen key={stored.tree.id} tree={stored.tree} entries={entries} />;
}
