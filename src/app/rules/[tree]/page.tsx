import type { Metadata } from 'next';
import { openTree, type TreePage } from '@/app/openTree';
import { RulesScreen } from '@/features/rules/RulesScreen';
import type { OpenedBook } from '@/features/rules/useGymBook';
import { findDocuments } from '@/server/services/store';

export const metadata: Metadata = { title: 'Rules' };

export default async function RulesPage({ params }: TreePage) {
  const { context, tree, revision } = await openTree(params);
  const [ruleCards, athletes, opponents, groups] = await Promise.all(
    (['ruleCard', 'athlete', 'opponent', 'group'] as const).map(async (kind) =>
      (await findDocuments(context, kind)).map(({ document, revision: at }) => ({ document, revision: at })),
    ),
  );
  const book = { ruleCards, athletes, opponents, groups } as unknown as OpenedBook;
  return <RulesScreen key={tree.id} tree={tree} revision={revision} book={book} />;
}
