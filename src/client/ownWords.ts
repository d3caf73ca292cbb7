import { readDocument } from '@/client/documents';
import type { GymsWords } from '@/core/catalogue';

/** What the gym has added to the catalogue; null where it cannot be read: the shipped entries still serve. */
export async function readOwnWords(): Promise<GymsWords | null> {
  const own = await readDocument<GymsWords>('catalogueWords', 'own');
  return own.ok ? own.value.document : null;
}
