import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { RulesScreen } from '@/features/rules/RulesScreen';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Rules' };

export default async function RulesPage({ params }: { readonly params: Promise<{ tree: string }> }) {
  const { db, gymId } = await getWorkplace();
  const stored = await findTree(db, gymId, decodeURIComponent((await params).tree));
  if (!stored) notFound();
  return <RulesScreen key={stored.tree.id} tree={stored.tree} revision={stored.revision} />;
}
