import type { PictureType } from '@/contracts/picture';
import type { Db } from '../db/client';

export interface StoredPicture {
  readonly hash: string;
  readonly type: PictureType;
  readonly bytes: Uint8Array;
}

/** Keeps a picture under what its bytes hash to; one that is there already stays. */
export async function insertPicture(db: Db, gymId: string, { hash, type, bytes }: StoredPicture): Promise<void> {
  await db`insert into pictures (gym_id, hash, media_type, bytes) values (${gymId}, ${hash}, ${type}, ${Buffer.from(bytes)})
    on conflict (gym_id, hash) do nothing`;
}
export const manyPictures = (db: Db, gymId: string, hashes: readonly string[]) =>
  db<
    StoredPicture[]
  >`select hash, media_type as type, bytes from pictures where gym_id = ${gymId} and hash = any(${hashes as string[]}) order by hash`;
/** How many pictures a gym keeps, these left out. */
export async function countOtherPictures(db: Db, gymId: string, hashes: readonly string[]): Promise<number> {
  const [row] = await db<{ count: number }[]>`
    select count(*)::int as count from pictures where gym_id = ${gymId} and hash <> all(${hashes as string[]})`;
  return row!.count;
}
