import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { aPng } from '../support/pictures';
import { clickText, axeFindings, waitForStored, waitForText } from './browser';
import type { Started } from './server';
import { closeSession, openSession } from './session';

let server: Started;
let browser: Browser;
let page: Page;
let trouble: string[];
let folder: string;

beforeAll(async () => {
  ({ server, browser, page, trouble } = await openSession([]));
  folder = await mkdtemp(path.join(tmpdir(), 'red-ladder-'));
});
afterAll(async () => {
  await closeSession({ server, browser });
  await rm(folder, { recursive: true, force: true });
});

interface Shown {
  readonly hash: string;
  readonly caption: string;
  readonly quarterTurns?: number;
  readonly mirrored?: boolean;
}
const picturesOf = async (tree: string, id: string): Promise<readonly Shown[]> => {
  await waitForStored(page);
  const file = (await (await fetch(`${server.baseUrl}/api/trees/${tree}/file`)).json()) as {
    positions: { id: string; pictures?: Shown[] }[];
  };
  return file.positions.find((position) => position.id === id)!.pictures ?? [];
};
const choosePicture = async (bytes: Uint8Array, name: string): Promise<void> => {
  const file = path.join(folder, name);
  await writeFile(file, bytes);
  await ((await page.waitForSelector('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(file);
};

describe('a picture of a place', () => {
  it('is added as a photo, shrunk in the browser, shown, turned and mirrored', async () => {
    await page.goto(`${server.baseUrl}/board/league-evening?show=guard&at=headquarters`, { waitUntil: 'networkidle0' });
    await clickText(page, 'Pictures:');
    await choosePicture(aPng({ chunks: [['tEXt', 'where it was taken']] }), 'photo.png');
    await page.waitForSelector('img[alt="Headquarters"]');
    const [picture] = await picturesOf('league-evening', 'headquarters');
    expect(picture).toMatchObject({ caption: 'Headquarters', hash: expect.stringMatching(/^[0-9a-f]{64}$/) as string });
    const kept = await fetch(`${server.baseUrl}/api/pictures/${picture!.hash}`);
    expect([kept.headers.get('content-type'), kept.headers.get('x-content-type-options')]).toEqual(['image/jpeg', 'nosniff']);
    expect(Buffer.from(await kept.arrayBuffer()).includes('where it was taken')).toBe(false);
    await clickText(page, 'Turn it');
    await clickText(page, 'Other side');
    expect(await picturesOf('league-evening', 'headquarters')).toMatchObject([{ quarterTurns: 1, mirrored: true }]);
    expect(await axeFindings(page)).toEqual([]);
  });

  it('is drawn with a pointer, line by line', async () => {
    await clickText(page, 'Draw a sketch');
    const canvas = (await page.waitForSelector('canvas'))!;
    await canvas.evaluate((sheet) => sheet.scrollIntoView({ block: 'center' }));
    const box = (await canvas.boundingBox())!;
    for (const shift of [0.2, 0.5]) {
      await page.mouse.move(box.x + box.width * shift, box.y + box.height * 0.3);
      await page.mouse.down();
      await page.mouse.move(box.x + box.width * (shift + 0.3), box.y + box.height * 0.6, { steps: 6 });
      await page.mouse.up();
    }
    await clickText(page, 'Take back a line');
    // The line is where the pointer went, and what was taken back is not.
    const inked = await canvas.evaluate((sheet) =>
      [280, 520].map((x) =>
        (sheet as HTMLCanvasElement)
          .getContext('2d')!
          .getImageData(x - 10, 260, 20, 20)
          .data.some((value) => value < 100),
      ),
    );
    expect(inked).toEqual([true, false]);
    await clickText(page, 'Keep the sketch');
    await page.waitForFunction(() => document.querySelectorAll('section[aria-label="Pictures of Headquarters"] img').length === 2);
    const [, sketch] = await picturesOf('league-evening', 'headquarters');
    const kept = await fetch(`${server.baseUrl}/api/pictures/${sketch!.hash}`);
    expect(kept.headers.get('content-type')).toBe('image/png');
  });

  it('what is no picture is refused with a sentence, and nothing is added', async () => {
    await choosePicture(new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>'), 'evil.png');
    await waitForText(page, 'This file cannot be read as a picture. Nothing was added.');
    expect(await picturesOf('league-evening', 'headquarters')).toHaveLength(2);
    const posted = await fetch(`${server.baseUrl}/api/pictures`, { method: 'POST', body: '<svg/>' });
    expect(posted.status).toBe(422);
    expect((await fetch(`${server.baseUrl}/api/pictures/..%2f..`)).status).toBe(404);
  });

  it('goes out in a zip with the tree and comes back with it', async () => {
    const zip = Buffer.from(await (await fetch(`${server.baseUrl}/api/trees/league-evening/file?pictures`)).arrayBuffer());
    await writeFile(path.join(folder, 'tree.zip'), zip);
    await page.goto(`${server.baseUrl}/files`, { waitUntil: 'networkidle0' });
    await ((await page.waitForSelector('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(path.join(folder, 'tree.zip'));
    await page.waitForFunction(() => location.pathname === '/board/league-evening-2');
    expect(await picturesOf('league-evening-2', 'headquarters')).toEqual(await picturesOf('league-evening', 'headquarters'));
    expect(trouble).toEqual([]);
  });
});
