import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { gripsParamsSchema } from '@/contracts/boardParams';
import { GripsScreen } from '@/features/grips/GripsScreen';
import { findTree } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Grips' };

interface Props {
  readonly params: Promise<{ tree: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function GripsPage({ params, searchParams }: Props) {
  const { db, gymId } = await getWorkplace();
  const stored = await findTree(db, gymId, decodeURIComponent((await params).tree));
  if (!stored) notFound();
  const { at = null, place = null } = gripsParamsSchema.parse(await searchParams);
  return <GripsScreen key={stored.tree.id} tree={stored.tree} revision={stored.revision} at={at} place={place} />;
}
