import { unzipSync, zipSync, type Zippable } from 'fflate';
import { err, ok, type Result } from '@/core/base';
import { PICTURE_ENDINGS, PICTURE_MAX_BYTES, PICTURES_A_GYM, type PictureType } from '@/contracts/picture';
import { TREE_FILE_MAX_BYTES } from '@/core/notation';

/** A tree file with the pictures that its places and steps show, as a zip holds them. */
export interface Bundle {
  /** The tree file, as text. */
  readonly file: string;
  readonly pictures: readonly Uint8Array[];
}
export interface NamedPicture {
  readonly hash: string;
  readonly type: PictureType;
  readonly bytes: Uint8Array;
}

const FILE_NAME = 'tree.ladder.json';
/** A larger picture in a zip is unpacked and then refused with its size; one that unfolds beyond this is not unpacked. */
const MOST_PICTURE = 20 * PICTURE_MAX_BYTES;
/** Written alike whenever it is written: the zip of a tree that did not change is the same bytes. */
const NO_DATE = '1980-01-01T00:00:00';

export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3 && bytes[3] === 4;

export function packBundle(file: string, pictures: readonly NamedPicture[]): Uint8Array {
  const entries: Zippable = { [FILE_NAME]: [new TextEncoder().encode(file), { mtime: NO_DATE }] };
  // Pictures are packed already.
  for (const { hash, type, bytes } of pictures)
    entries[`pictures/${hash}.${PICTURE_ENDINGS[type]}`] = [bytes, { mtime: NO_DATE, level: 0 }];
  return zipSync(entries);
}

/** What a zip holds; whatever else lies in it is left alone. Sizes are looked at before anything is unpacked. */
export function unpackBundle(bytes: Uint8Array): Result<Bundle, string> {
  let tooMuch: string | null = null;
  let count = 0;
  try {
    const entries = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const isFile = /^[^/]*\.json$/.test(name);
        const isPicture = /^pictures\/[^/]+\.(?:jpe?g|png)$/i.test(name);
        if (!isFile && !isPicture) return false;
        if (originalSize > (isFile ? 2 * TREE_FILE_MAX_BYTES : MOST_PICTURE)) tooMuch ??= `“${name.slice(0, 80)}” in the zip is too large.`;
        if (isPicture && ++count > PICTURES_A_GYM) tooMuch ??= `The zip holds more than ${PICTURES_A_GYM} pictures.`;
        return tooMuch === null;
      },
    });
    if (tooMuch !== null) return err(tooMuch);
    const files = Object.keys(entries).filter((name) => name.endsWith('.json'));
    if (files.length !== 1)
      return err(
        files.length === 0 ? 'There is no tree file in this zip.' : `There are ${files.length} tree files in this zip; it takes one.`,
      );
    const pictures = Object.entries(entries).flatMap(([name, content]) => (name.endsWith('.json') ? [] : [content]));
    return ok({ file: new TextDecoder('utf-8', { fatal: true }).decode(entries[files[0]!]), pictures });
  } catch {
    return err('This zip cannot be read.');
  }
}
