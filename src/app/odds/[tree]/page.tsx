import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { boardParamsSchema } from '@/contracts/boardParams';
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
  const { at } = boardParamsSchema.parse(await searchParams);
  return <OddsScreen tree={stored.tree} at={stored.tree.starts.some((start) => start.position === at) ? (at ?? null) : null} />;
}
