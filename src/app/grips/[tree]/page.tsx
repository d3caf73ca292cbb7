import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { gripsParamsSchema } from '@/contracts/boardParams';
import { GripsScreen } from '@/features/grips/GripsScreen';
import { NotHere } from '@/ui/NotHere';
import { saidOfId } from '@/app/notHere';
import { findBook } from '@/server/services/trees';

export const metadata: Metadata = { title: 'Grips' };

export default async function GripsPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const { at = null, place = null } = gripsParamsSchema.parse(await searchParams);
  const missing = [
    ...saidOfId(
      'move',
      at,
      tree.transitions.map((transition) => transition.id),
    ),
    ...saidOfId(
      'place',
      place,
      tree.positions.map((position) => position.id),
    ),
  ];
  return (
    <>
      <NotHere said={missing} />
      <GripsScreen key={tree.id} tree={tree} revision={revision} book={await findBook(context, tree.id)} at={at} place={place} />
    </>
  );
}
