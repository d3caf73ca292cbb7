import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { idToAddress } from '@/contracts/address';
import { boardParamsSchema } from '@/contracts/boardParams';
import { filterFromParams } from '@/contracts/filter';
import { roundFrom } from '@/contracts/roundQuery';
import { guardOf } from '@/core/board';
import { BoardLoader } from '@/features/board/BoardLoader';
import { findClasses } from '@/server/services/classes/classes';
import { findBook, findLastTouched } from '@/server/services/trees';
import { NotHere } from '@/ui/NotHere';
import { saidOfId } from '@/app/notHere';
import { stillOf } from './still';

export const metadata: Metadata = { title: 'Board' };

export default async function BoardPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree, revision } = await openTree(params);
  const found = await searchParams;
  const { show, at, of, ...asked } = boardParamsSchema.parse(found);
  const selected = at !== undefined && tree.positions.some((position) => position.id === at) ? at : null;
  // Without a place in the address the board opens on the guard last worked on.
  const touched = selected === null ? await findLastTouched(context, tree.id) : [selected];
  const place = touched.find((id) => tree.positions.some((position) => position.id === id));
  const guard = place === undefined ? (tree.starts[0]?.position ?? null) : guardOf(tree, place);
  const opened = {
    view: show ?? (tree.positions.length > 12 ? ('guard' as const) : ('tree' as const)),
    selected,
    asked: selected === null ? null : (of ?? null),
    guard,
    filter: filterFromParams(found),
    round: roundFrom(asked, selected),
    book: await findBook(context, tree.id),
    classes: (await findClasses(context, tree.id)).map(({ plan: { name, units } }) => ({ name, units: units.map(({ of }) => of) })),
  };
  const missing = saidOfId(
    'place',
    at,
    tree.positions.map((position) => position.id),
  );
  const still = stillOf({ tree, revision, ...opened });
  return (
    <>
      {/* Asked for while the program is still on its way. */}
      <link rel="preload" as="fetch" crossOrigin="anonymous" href={`/api/documents/tree/${idToAddress(tree.id)}?at=${revision}`} />
      <NotHere said={missing} />
      <BoardLoader key={tree.id} still={still} treeId={tree.id} name={tree.name} revision={revision} {...opened} />
    </>
  );
}
