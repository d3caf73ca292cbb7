import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PICTURE_MAX_BYTES } from '@/contracts/picture';
import { aJpeg, aPng, concat, segment } from '../../../tests/support/pictures';
import { plainPicture } from './plainPicture';

const plain = (bytes: Uint8Array) => {
  const read = plainPicture(bytes);
  if (!read.ok) throw new Error(read.error);
  return read.value;
};
const holds = (bytes: Uint8Array, text: string): boolean => Buffer.from(bytes).includes(text);

describe('a picture with nothing in it but the picture', () => {
  it('of a JPEG place, camera, preview and comments go, whatever stands behind its end too', () => {
    const whole = aJpeg({ before: [segment(0xe1, 'Exif GPS 48.1'), segment(0xfe, 'my gym'), segment(0xe2, 'ICC')], after: 'hidden' });
    const { type, bytes, width, height } = plain(whole);
    expect([type, width, height]).toEqual(['image/jpeg', 16, 12]);
    for (const text of ['Exif', 'GPS', 'my gym', 'ICC', 'hidden']) expect(holds(bytes, text)).toBe(false);
    expect(plain(bytes).bytes).toEqual(bytes);
    expect(Buffer.from(bytes).equals(Buffer.from(aJpeg({})))).toBe(true);
  });
  it('of a PNG texts, dates and profiles go', () => {
    const { type, bytes, width, height } = plain(
      aPng({
        chunks: [
          ['tEXt', 'Author somebody'],
          ['eXIf', 'GPS'],
          ['tIME', '1234567'],
        ],
      }),
    );
    expect([type, width, height]).toEqual(['image/png', 16, 12]);
    for (const text of ['Author', 'GPS', 'tIME']) expect(holds(bytes, text)).toBe(false);
    expect(plain(bytes).bytes).toEqual(bytes);
  });
  it('what is none, is cut short, too many bytes or unfolds too far is refused with a sentence', () => {
    const said = (bytes: Uint8Array) => {
      const read = plainPicture(bytes);
      return read.ok ? 'taken' : read.error;
    };
    const none = 'This is no JPEG or PNG picture, or a broken one.';
    expect(said(new Uint8Array())).toBe(none);
    expect(said(new TextEncoder().encode('<svg onload="x"></svg>'))).toBe(none);
    expect(said(aJpeg({}).subarray(0, 40))).toBe(none);
    expect(said(aPng({}).subarray(0, 30))).toBe(none);
    expect(said(aPng({ width: 20_000 }))).toBe('This picture is 20000 × 12 px; 4096 is the most.');
    expect(said(aJpeg({ data: 'x'.repeat(PICTURE_MAX_BYTES) }))).toMatch(/^This picture has 201 kB; 200 is the most\.$/);
  });
  it('never throws, whatever the bytes, and takes no more than was given', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), fc.boolean(), fc.nat(300), fc.nat(255), (noise, isJpeg, at, byte) => {
        const whole = isJpeg ? aJpeg({}) : aPng({ chunks: [['tEXt', 'a']] });
        const broken = Uint8Array.from(whole);
        broken[at % broken.length] = byte;
        for (const bytes of [noise, broken, concat(whole.subarray(0, at % whole.length), noise)]) {
          const read = plainPicture(bytes);
          if (read.ok) expect(read.value.bytes.length).toBeLessThanOrEqual(bytes.length);
        }
      }),
      { numRuns: 400, seed: 5 },
    );
  });
});
