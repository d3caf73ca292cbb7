import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { boardParamsSchema } from '@/contracts/boardParams';
import { filterFromParams } from '@/contracts/filter';
import { guardOf } from '@/core/board';
import { BoardScreen } from '@/features/board/BoardScreen';
import { findLastTouched, findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Board' };

interface Props {
  readonly params: Promise<{ tree: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function BoardPage({ params, searchParams }: Props) {
  const { db, gymId } = await getWorkplace();
  const stored = await findTree(db, gymId, decodeURIComponent((await params).tree));
  if (!stored) notFound();
  const found = await searchParams;
  const { show, at } = boardParamsSchema.parse(found);
  const { tree, revision } = stored;
  const selected = at !== undefined && tree.positions.some((position) => position.id === at) ? at : null;
  // Without a place in the address the board opens on the guard last worked on.
  const touched = selected === null ? await findLastTouched(db, gymId, tree.id) : [selected];
  const place = touched.find((id) => tree.positions.some((position) => position.id === id));
  const guard = place === undefined ? (tree.starts[0]?.position ?? null) : guardOf(tree, place);
  return (
    <BoardScreen
      key={tree.id}
      tree={tree}
      revision={revision}
      view={show ?? (tree.positions.length > 12 ? 'guard' : 'tree')}
      selected={selected}
      guard={guard}
      filter={filterFromParams(found)}
    />
  );
}
