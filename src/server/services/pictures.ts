import { createHash } from 'node:crypto';
import { err, ok, type Result } from '@/core/base';
import { PICTURES_A_GYM } from '@/contracts/picture';
import { plainPicture } from '@/documents/picture/plainPicture';
import { countOtherPictures, insertPicture, manyPictures, type StoredPicture } from '../queries/pictures';
import type { Context } from './context';

const FULL = `There are ${PICTURES_A_GYM} pictures already; that is the most. Nothing was stored.`;

/** Pictures as they would be kept, with nothing in them but the picture; or why one of them cannot be. */
export function readPictures(all: readonly Uint8Array[]): Result<readonly StoredPicture[], string> {
  const read: StoredPicture[] = [];
  for (const bytes of all) {
    const plain = plainPicture(bytes);
    if (!plain.ok) return plain;
    const { type } = plain.value;
    read.push({ hash: createHash('sha256').update(plain.value.bytes).digest('hex'), type, bytes: plain.value.bytes });
  }
  return ok(read);
}

/** Keeps pictures, each once. */
export async function storePictures({ db, gymId }: Context, pictures: readonly StoredPicture[]): Promise<Result<null, string>> {
  const hashes = [...new Set(pictures.map(({ hash }) => hash))];
  if ((await countOtherPictures(db, gymId, hashes)) + hashes.length > PICTURES_A_GYM) return err(FULL);
  for (const picture of pictures) await insertPicture(db, gymId, picture);
  return ok(null);
}

export async function findPicture({ db, gymId }: Context, hash: string): Promise<StoredPicture | null> {
  const [picture] = await manyPictures(db, gymId, [hash]);
  return picture ?? null;
}
