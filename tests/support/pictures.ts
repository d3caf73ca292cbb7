import { crc32, deflateSync } from 'node:zlib';

/** Pictures made by hand: as little of a JPEG or PNG as is one, with whatever is put in. */
export const concat = (...parts: readonly Uint8Array[]): Uint8Array => new Uint8Array(Buffer.concat(parts));
const u16 = (n: number): number[] => [n >> 8, n & 255];
const u32 = (n: number): number[] => [...u16(n >>> 16), ...u16(n & 65535)];
const letters = (text: string): Uint8Array => new TextEncoder().encode(text);

/** A JPEG segment with this marker. */
export const segment = (marker: number, text: string): Uint8Array =>
  concat(Uint8Array.from([0xff, marker, ...u16(text.length + 2)]), letters(text));

interface JpegParts {
  readonly before?: readonly Uint8Array[];
  readonly data?: string;
  readonly after?: string;
}
/** 16 × 12 px as its header says; its data decode to nothing, which is nobody's business here. */
export const aJpeg = ({ before = [], data = 'data', after = '' }: JpegParts): Uint8Array =>
  concat(
    Uint8Array.from([0xff, 0xd8]),
    segment(0xe0, 'JFIF\0\u0001\u0001\0\0\u0001\0\u0001\0\0'),
    ...before,
    concat(Uint8Array.from([0xff, 0xc0, ...u16(11), 8, ...u16(12), ...u16(16), 1, 1, 0x11, 0])),
    concat(Uint8Array.from([0xff, 0xda, ...u16(8), 1, 1, 0, 0, 0x3f, 0])),
    letters(data),
    Uint8Array.from([0xff, 0x00, 0xff, 0xd3, 1, 0xff, 0xd9]),
    letters(after),
  );

function chunk(name: string, content: Uint8Array): Uint8Array {
  const body = concat(letters(name), content);
  return concat(Uint8Array.from(u32(content.length)), body, Uint8Array.from(u32(crc32(body))));
}
interface PngParts {
  readonly width?: number;
  readonly chunks?: readonly (readonly [string, string])[];
  /** Grey, 0 … 255: another one is another picture. */
  readonly grey?: number;
}
/** A real PNG, 16 × 12 px of one grey. */
export function aPng({ width = 16, chunks = [], grey = 128 }: PngParts): Uint8Array {
  const rows = Buffer.concat(Array.from({ length: 12 }, () => Buffer.from([0, ...new Array<number>(16).fill(grey)])));
  return concat(
    Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', Uint8Array.from([...u32(width), ...u32(12), 8, 0, 0, 0, 0])),
    ...chunks.map(([name, text]) => chunk(name, letters(text))),
    chunk('IDAT', new Uint8Array(deflateSync(rows))),
    chunk('IEND', new Uint8Array()),
  );
}
