import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { whoFrom } from '@/contracts/whoName';
import { HistoryScreen } from '@/features/history/HistoryScreen';
import { findChanges, findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Log of changes' };

export default async function HistoryPage({ params }: { readonly params: Promise<{ tree: string }> }) {
  const { db, gymId } = await getWorkplace();
  const treeId = decodeURIComponent((await params).tree);
  const stored = await findTree(db, gymId, treeId);
  if (!stored) notFound();
  const changes = await findChanges(db, gymId, treeId, 0);
  return (
    <HistoryScreen
      tree={{ id: treeId, name: stored.tree.name }}
      revision={stored.revision}
      who={whoFrom((await headers()).get('cookie'))}
      changes={changes.map((change) => ({ ...change, madeAt: change.madeAt.toISOString() })).toReversed()}
    />
  );
}
