import type { Metadata } from 'next';
import { openTree, type TreePage } from '@/app/openTree';
import { HistoryScreen } from '@/features/history/HistoryScreen';
import { findChanges } from '@/server/services/store';

export const metadata: Metadata = { title: 'Log of changes' };

export default async function HistoryPage({ params }: TreePage) {
  const { context, tree, revision } = await openTree(params);
  const changes = await findChanges(context, 'tree', tree.id, 0);
  return (
    <HistoryScreen
      tree={{ id: tree.id, name: tree.name }}
      revision={revision}
      who={context.member}
      changes={changes.map((change) => ({ ...change, madeAt: change.madeAt.toISOString() })).toReversed()}
    />
  );
}
