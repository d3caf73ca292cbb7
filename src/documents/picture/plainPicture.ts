import { err, ok, type Result } from '@/core/base';
import { PICTURE_MAX_BYTES, PICTURE_MOST_SIDE, type PictureType } from '@/contracts/picture';

export interface PlainPicture {
  readonly type: PictureType;
  readonly bytes: Uint8Array;
  /** px */
  readonly width: number;
  readonly height: number;
}

const NO_PICTURE = 'This is no JPEG or PNG picture, or a broken one.';
const u16 = (bytes: Uint8Array, at: number): number => (bytes[at]! << 8) | bytes[at + 1]!;
const u32 = (bytes: Uint8Array, at: number): number => ((u16(bytes, at) << 16) | u16(bytes, at + 2)) >>> 0;

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

const isSizeMarker = (marker: number): boolean => marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
/** What the picture is made of; place, camera, preview, comments and profiles go. APP0 and APP14 say how the colours are meant. */
const isKeptSegment = (marker: number): boolean => !(marker === 0xfe || (marker >= 0xe1 && marker <= 0xef && marker !== 0xee));

/** JPEG (ITU-T T.81, annex B), segment by segment. Null = it is none. */
function plainJpeg(bytes: Uint8Array): Omit<PlainPicture, 'type'> | null {
  if (u16(bytes, 0) !== 0xffd8) return null;
  const kept: Uint8Array[] = [bytes.subarray(0, 2)];
  let [at, width, height] = [2, 0, 0];
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return null;
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (marker === 0xd9) break;
    const end = at + 2 + u16(bytes, at + 2);
    if (end > bytes.length || end < at + 4) return null;
    if (isSizeMarker(marker) && end >= at + 9) [height, width] = [u16(bytes, at + 5), u16(bytes, at + 7)];
    let next = end;
    if (marker === 0xda) {
      // Picture data up to the next marker; "FF 00" and restarts belong to it.
      while (
        next + 1 < bytes.length &&
        !(bytes[next] === 0xff && bytes[next + 1] !== 0 && !(bytes[next + 1]! >= 0xd0 && bytes[next + 1]! <= 0xd7))
      )
        next++;
      if (next + 1 >= bytes.length) return null;
    }
    if (isKeptSegment(marker)) kept.push(bytes.subarray(at, next));
    at = next;
  }
  // What stands behind the end is no part of the picture.
  return u16(bytes, at) === 0xffd9 ? { bytes: joined([...kept, bytes.subarray(at, at + 2)]), width, height } : null;
}

const PNG_BEGIN = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
const PNG_KEPT: ReadonlySet<string> = new Set(['IHDR', 'PLTE', 'tRNS', 'gAMA', 'sRGB', 'IDAT', 'IEND']);
/** PNG (ISO/IEC 15948), chunk by chunk. Null = it is none. */
function plainPng(bytes: Uint8Array): Omit<PlainPicture, 'type'> | null {
  if (PNG_BEGIN.some((byte, i) => bytes[i] !== byte)) return null;
  const kept: Uint8Array[] = [bytes.subarray(0, 8)];
  let [at, width, height] = [8, 0, 0];
  for (;;) {
    const end = at + 12 + (at + 8 <= bytes.length ? u32(bytes, at) : Infinity);
    if (end > bytes.length) return null;
    const name = String.fromCharCode(...bytes.subarray(at + 4, at + 8));
    if (at === 8) {
      if (name !== 'IHDR') return null;
      [width, height] = [u32(bytes, at + 8), u32(bytes, at + 12)];
    }
    if (PNG_KEPT.has(name)) kept.push(bytes.subarray(at, end));
    at = end;
    if (name === 'IEND') return { bytes: joined(kept), width, height };
  }
}

/**
 * A picture with nothing in it but the picture: where and with what it was taken, previews and comments are left out, whoever put
 * them in. Bytes that are no JPEG or PNG, that are too many, or that unfold to too large a picture are refused with a sentence.
 */
export function plainPicture(bytes: Uint8Array): Result<PlainPicture, string> {
  const jpeg = bytes.length > 4 ? plainJpeg(bytes) : null;
  const found = jpeg ?? (bytes.length > 8 ? plainPng(bytes) : null);
  if (!found || found.width < 1 || found.height < 1) return err(NO_PICTURE);
  if (Math.max(found.width, found.height) > PICTURE_MOST_SIDE)
    return err(`This picture is ${found.width} × ${found.height} px; ${PICTURE_MOST_SIDE} is the most.`);
  if (found.bytes.length > PICTURE_MAX_BYTES)
    return err(`This picture has ${Math.ceil(found.bytes.length / 1000)} kB; ${PICTURE_MAX_BYTES / 1000} is the most.`);
  return ok({ type: jpeg ? 'image/jpeg' : 'image/png', ...found });
}
