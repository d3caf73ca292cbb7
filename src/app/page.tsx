import { redirect } from 'next/navigation';
import { getWorkplace } from '@/server/services/workplace';
import { getLatestTreeId } from '@/server/services/trees';

/** The first page is the board of the tree last worked on. */
export default async function HomePage() {
  const { db, gymId } = await getWorkplace();
  redirect(`/board/${encodeURIComponent(await getLatestTreeId(db, gymId))}`);
}
