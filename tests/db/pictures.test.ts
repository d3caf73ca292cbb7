import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { formatTreeFile } from '@/core/notation';
import { emptyTree, withNewGuard, withPosition, type Picture, type TreeDocument } from '@/core/tree';
import { findBundle, importBareTree, importBundle } from '@/server/services/files/bundles';
import { findPicture, readPictures, storePictures } from '@/server/services/pictures';
import { findTree, storeTree } from '@/server/services/trees';
import { packBundle } from '@/documents/tree/bundle';
import { aJpeg, aPng, segment } from '../support/pictures';
import { testDb } from './testDb';

const context = testDb('pictures');
const other = testDb('pictures_other');
const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

function treeWith(id: string, ...pictures: Picture[]): TreeDocument {
  const { tree, id: guard } = withNewGuard(emptyTree(id, id), 'Tide guard');
  return withPosition(tree, { ...tree.positions.find((item) => item.id === guard)!, pictures });
}
async function keep(bytes: Uint8Array): Promise<string> {
  const read = readPictures([bytes]);
  if (!read.ok) throw new Error(read.error);
  expect(await storePictures(context, read.value)).toEqual({ ok: true, value: null });
  return read.value[0]!.hash;
}

describe('pictures', () => {
  it('are kept once, by what they hold, with nothing in them but the picture', async () => {
    const hash = await keep(aJpeg({ before: [segment(0xe1, 'Exif GPS')] }));
    expect(hash).toBe(hashOf(aJpeg({})));
    expect(await keep(aJpeg({}))).toBe(hash);
    const [{ count }] = (await context.db`select count(*)::int as count from pictures`) as unknown as [{ count: number }];
    expect(count).toBe(1);
    const found = (await findPicture(context, hash))!;
    expect([found.type, hashOf(found.bytes)]).toEqual(['image/jpeg', hash]);
    expect(await findPicture(context, 'f'.repeat(64))).toBeNull();
    expect(await findPicture(other, hash)).toBeNull();
  });
  it('the database itself keeps no others: bytes and hash belong together, and are small', async () => {
    const insert = (hash: string, bytes: Buffer) =>
      context.db`insert into pictures (gym_id, hash, media_type, bytes) values (${context.gymId}, ${hash}, 'image/png', ${bytes})`;
    await expect(insert('a'.repeat(64), Buffer.from('x'))).rejects.toThrow('pictures_hash_is_of_its_bytes');
    const large = Buffer.alloc(200_001);
    await expect(insert(hashOf(large), large)).rejects.toThrow('pictures_small');
  });
  it('go out in a zip beside the tree file and come back with it, into another gym too', async () => {
    const hash = await keep(aPng({ grey: 10 }));
    const tree = treeWith('with-picture', { hash, caption: 'the hook' });
    await storeTree(context, tree);
    const zip = (await findBundle(context, 'with-picture'))!;
    expect(await findBundle(context, 'nowhere')).toBeNull();
    const taken = await importBundle(other, zip, 'copy');
    expect(taken).toEqual({ ok: true, value: { treeId: 'with-picture', notes: [] } });
    expect(Buffer.from((await findPicture(other, hash))!.bytes).equals(Buffer.from(aPng({ grey: 10 })))).toBe(true);
    expect((await findTree(other, 'with-picture'))!.tree.positions[0]!.pictures).toEqual([{ hash, caption: 'the hook' }]);
    expect(Buffer.from((await findBundle(other, 'with-picture'))!).equals(Buffer.from(zip))).toBe(true);
  });
  it('what is not in the zip, or came without one, is told; what the tree does not show is left out', async () => {
    const [shown, unshown] = [aPng({ grey: 20 }), aPng({ grey: 30 })];
    const tree = treeWith('part', { hash: hashOf(shown), caption: 'a' }, { hash: 'e'.repeat(64), caption: 'b' });
    const zip = packBundle(formatTreeFile(tree), [
      { hash: 'any', type: 'image/png', bytes: shown },
      { hash: 'other', type: 'image/png', bytes: unshown },
    ]);
    const taken = await importBundle(context, zip, 'copy');
    expect(taken.ok && taken.value.notes).toEqual([expect.stringContaining('1 picture of this tree is not here')]);
    expect(await findPicture(context, hashOf(unshown))).toBeNull();
    const bare = await importBareTree(other, tree, 'copy');
    expect(bare.ok && bare.value.notes).toEqual([expect.stringContaining('2 pictures of this tree are not here')]);
  });
  it('a zip with anything wrong in it is not taken in, in no part', async () => {
    const before = await context.db`select hash from pictures order by hash`;
    const good = { hash: 'g', type: 'image/png' as const, bytes: aPng({ grey: 40 }) };
    const tree = formatTreeFile(treeWith('refused', { hash: hashOf(good.bytes), caption: 'a' }));
    const said = async (zip: Uint8Array) => {
      const taken = await importBundle(context, zip, 'copy');
      return taken.ok ? [] : taken.error.problems;
    };
    expect(await said(packBundle(tree.replace('"tempo": "neutral"', '"tempo": "hasty"'), [good]))).toContain('Nothing was stored.');
    expect(await said(packBundle(tree, [good, { ...good, hash: 'h', bytes: Uint8Array.from([1, 2, 3]) }]))).toEqual([
      'A picture in the zip: This is no JPEG or PNG picture, or a broken one.',
      'Nothing was stored.',
    ]);
    expect(await context.db`select hash from pictures order by hash`).toEqual(before);
    expect(await findTree(context, 'refused')).toBeNull();
  });
});
