import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { boardParamsSchema } from '@/contracts/boardParams';
import { RulesScreen } from '@/features/rules/RulesScreen';
import type { OpenedBook } from '@/features/rules/useGymBook';
import { findHeld } from '@/server/services/classes/held';
import { getSettings } from '@/server/services/settings';
import { findDocuments } from '@/server/services/store';
import { today } from '@/server/today';

export const metadata: Metadata = { title: 'Rules' };

export default async function RulesPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const { at } = boardParamsSchema.parse(await searchParams);
  const [ruleCards, athletes, opponents, groups] = await Promise.all(
    (['ruleCard', 'athlete', 'opponent', 'group'] as const).map(async (kind) =>
      (await findDocuments(context, kind)).map(({ document, revision: last }) => ({ document, revision: last })),
    ),
  );
  const settings = [await getSettings(context)];
  const book = { ruleCards, athletes, opponents, groups, settings } as unknown as OpenedBook;
  const held = await findHeld(context, tree.id);
  return <RulesScreen key={tree.id} {...{ tree, revision, book, held }} today={today()} at={at ?? null} />;
}
