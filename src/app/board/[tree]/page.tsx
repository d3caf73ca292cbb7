import { notFound } from 'next/navigation';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export default async function BoardPage({ params }: { params: Promise<{ tree: string }> }) {
  const { db, gymId } = await getWorkplace();
  const stored = await findTree(db, gymId, decodeURIComponent((await params).tree));
  if (!stored) notFound();
  return <h1>{stored.tree.name}</h1>;
}
