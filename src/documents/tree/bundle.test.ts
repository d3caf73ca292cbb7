import { zipSync } from 'fflate';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatTreeFile } from '@/core/notation';
import { aPng } from '../../../tests/support/pictures';
import { wholeTree } from '../../../tests/fixtures/wholeTree';
import { picturesIn } from '../picture/hashes';
import { isZip, packBundle, unpackBundle } from './bundle';

const text = (said: string): Uint8Array => new TextEncoder().encode(said);
const problem = (entries: Record<string, Uint8Array>): string => {
  const read = unpackBundle(zipSync(entries));
  return read.ok ? 'taken' : read.error;
};

describe('a tree file with its pictures', () => {
  it('comes out of the zip as it went in, and the zip is the same bytes each time', () => {
    const file = formatTreeFile(wholeTree);
    const pictures = [{ hash: 'a'.repeat(64), type: 'image/png' as const, bytes: aPng({}) }];
    const zip = packBundle(file, pictures);
    expect([isZip(zip), isZip(text(file))]).toEqual([true, false]);
    expect(unpackBundle(zip)).toEqual({ ok: true, value: { file, pictures: [aPng({})] } });
    expect(packBundle(file, pictures)).toEqual(zip);
  });
  it('what else lies in it is left alone, and no path of it is used', () => {
    const read = unpackBundle(
      zipSync({
        'my tree.json': text('{}'),
        'pictures/x.png': text('p'),
        '../evil.json': text('no'),
        'notes.txt': text('n'),
        'pictures/y.svg': text('s'),
      }),
    );
    expect(read).toEqual({ ok: true, value: { file: '{}', pictures: [text('p')] } });
  });
  it('refuses none, several, broken and swollen ones with a sentence', () => {
    expect(problem({ 'a.txt': text('a') })).toBe('There is no tree file in this zip.');
    expect(problem({ 'a.json': text('{}'), 'b.json': text('{}') })).toBe('There are 2 tree files in this zip; it takes one.');
    expect(problem({ 'a.json': text('{}'), 'pictures/big.png': new Uint8Array(5_000_000) })).toBe(
      '“pictures/big.png” in the zip is too large.',
    );
    expect(problem({ 'a.json': Uint8Array.from([0xff, 0xfe, 0x00]) })).toBe('This zip cannot be read.');
    const zip = packBundle('{}', []);
    fc.assert(
      fc.property(fc.nat(zip.length - 1), fc.nat(255), fc.nat(zip.length), (at, byte, end) => {
        const broken = Uint8Array.from(zip);
        broken[at] = byte;
        unpackBundle(broken);
        expect(unpackBundle(zip.subarray(0, end)).ok).toBe(end === zip.length);
      }),
      { numRuns: 200, seed: 9 },
    );
  });
  it('names the pictures of places and steps, each once', () => {
    expect(picturesIn(wholeTree)).toEqual(['a1'.repeat(32), 'b2'.repeat(32)]);
  });
});
