import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { boardParamsSchema } from '@/contracts/boardParams';
import { filterFromParams } from '@/contracts/filter';
import { OddsScreen } from '@/features/odds/OddsScreen';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Odds' };

interface Props {
  readonly params: Promise<{ tree: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function OddsPage({ params, searchParams }: Props) {
  const { db, gymId } = await getWorkplace();
  const stored = await findTree(db, gymId, decodeURIComponent((await params).tree));
  if (!stored) notFound();
  const found = await searchParams;
  const { at } = boardParamsSchema.parse(found);
  const start = stored.tree.starts.find((item) => item.position === at)?.position ?? null;
  return <OddsScreen tree={stored.tree} at={start} filter={filterFromParams(found)} />;
}
