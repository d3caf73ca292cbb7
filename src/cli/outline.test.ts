import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { formatTreeFile } from '@/core/notation';
import { demoTree } from '../../demo/demoTree';
import { runMain } from '../../tests/support/runMain';
import { main } from './outline';

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'red-ladder-outline-'));
});
afterAll(() => rm(folder, { recursive: true, force: true }));

const write = async (name: string, text: string): Promise<string> => {
  const file = path.join(folder, name);
  await writeFile(file, text);
  return file;
};
const run = (...args: string[]) => runMain(main, args);

describe('npm run -s outline', () => {
  it('writes a tree file as an outline, and puts it on to its tree again without a change', async () => {
    const file = formatTreeFile(demoTree());
    const tree = await write('tree.json', file);
    const outline = await run(tree);
    expect(outline).toMatchObject({ code: 0, complaint: '' });
    expect(outline.out).toContain('Headquarters\n  - family: hub\n');
    const text = await write('tree.txt', outline.out);
    expect((await run(text, '--onto', tree, '--rewrite')).out).toBe(file);
    const back = await write('back.json', (await run(text)).out);
    expect((await run(back)).out).toBe(outline.out);
  });
  it('tells what is wrong with its line, and writes nothing', async () => {
    const file = await write('bad.txt', 'Knee shield\n  he frames\n    I walk\n');
    const { code, out, complaint } = await run(file);
    expect([code, out]).toEqual([1, '']);
    expect(complaint).toContain('bad.txt, line 3: “I walk” is no move.');
    expect((await run(await write('mark.txt', 'A <b>place\n'))).complaint).toContain('mark.txt: position "a-b-place"');
    expect((await run(await write('long.txt', `A\n  - also called: ${'x'.repeat(170)}\n`))).complaint).toContain(
      'long.txt: positions[0] ("a") › aliases[0]',
    );
    expect((await run(path.join(folder, 'gone.txt'))).complaint).toContain('there is no such file');
    for (const args of [[], ['--rewrite'], [file, '--onto'], [file, 'two.txt'], [file, '--rewrite']])
      expect(await run(...args)).toMatchObject({ code: 1, complaint: expect.stringContaining('Usage: npm run -s outline') as string });
  });
});
