import type { Metadata } from 'next';
import { openTree, type TreePage } from '@/app/openTree';
import { entriesOf } from '@/core/catalogue';
import { FinderScreen } from '@/features/finder/FinderScreen';
import { getWords } from '@/server/services/words';

export const metadata: Metadata = { title: 'Read finder' };

export default async function FinderPage({ params }: TreePage) {
  const { context, tree } = await openTree(params);
  return <FinderScreen key={tree.id} tree={tree} entries={entriesOf((await getWords(context)).document)} />;
}
