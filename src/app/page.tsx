import { redirect } from 'next/navigation';
import { idToAddress } from '@/contracts/address';
import { requestContext } from '@/server/services/requestContext';
import { getLatestTreeId } from '@/server/services/trees';

/** The first page is the board of the tree last worked on. */
export default async function HomePage() {
  redirect(`/board/${idToAddress(await getLatestTreeId(await requestContext()))}`);
}
