import type { Page } from 'puppeteer-core';
import { formatTreeFile } from '@/core/notation';
import { launch } from '../tests/e2e/browser';
import { removeFolder, startServer } from '../tests/e2e/server';
import { randomTree } from '../tests/support/randomTree';
import { ms, type Row } from './measure';

/** From each key press to the next picture, in ms, typed one after the other. */
async function typed(page: Page, text: string): Promise<number[]> {
  await page.evaluate(() => {
    const seen = window as unknown as { presses?: number[] };
    const isListening = seen.presses !== undefined;
    seen.presses = [];
    if (isListening) return;
    document.addEventListener(
      'keydown',
      () => {
        const began = performance.now();
        // The frame after the one in which the answer is drawn: it is on the screen then.
        requestAnimationFrame(() => setTimeout(() => seen.presses!.push(performance.now() - began)));
      },
      { capture: true },
    );
  });
  for (const letter of text) {
    await page.keyboard.type(letter);
    await new Promise((resolve) => setTimeout(resolve, 120));
  }
  return page.evaluate(() => (window as unknown as { presses: number[] }).presses);
}

const row = (what: string, presses: readonly number[]): Row => {
  const sorted = presses.toSorted((a, b) => a - b);
  const at = (part: number): number => sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))] ?? NaN;
  return { what, measured: `${ms(at(0.5))}, worst ${ms(sorted.at(-1) ?? NaN)}`, wanted: '< 50 ms' };
};

/** A key press at the caret and in the search, on a tree of 300 places. */
export async function keyPresses(): Promise<Row[]> {
  const server = await startServer([]);
  const browser = await launch();
  try {
    const tree = randomTree(3, { positions: 300, transitions: 900 });
    const response = await fetch(`${server.baseUrl}/api/trees`, { method: 'POST', body: formatTreeFile(tree) });
    if (!response.ok) throw new Error(await response.text());
    const page = await browser.newPage();
    await page.goto(`${server.baseUrl}/board/${tree.id}?show=tree`, { waitUntil: 'networkidle0' });
    await page.waitForFunction(() => document.querySelector('[aria-busy=true]') === null, { timeout: 60_000 });
    await page.$eval('[data-broken]', (section) => section.dispatchEvent(new MouseEvent('click', { bubbles: true })));
    await page.waitForSelector('input[aria-label="What I do then"]');
    await page.keyboard.type('walk round');
    await page.keyboard.press('Enter');
    await page.waitForSelector('input[aria-label^="Where it lands"]');
    await new Promise((resolve) => setTimeout(resolve, 500));
    const landing = await typed(page, 'position 12, knee shield');
    await page.keyboard.press('Escape');
    await page.keyboard.press('/');
    await page.waitForSelector('input[aria-label="Find in this tree"]');
    await new Promise((resolve) => setTimeout(resolve, 500));
    const search = await typed(page, 'position 120 knee');
    return [row('a key press where a move lands, 300 places', landing), row('a key press in the search, 300 places', search)];
  } finally {
    await browser.close();
    await server.stop();
    await removeFolder(server.data);
  }
}
