import type { Page } from 'puppeteer-core';
import { formatTreeFile } from '@/core/notation';
import { launch } from '../tests/e2e/browser';
import { removeFolder, startServer } from '../tests/e2e/server';
import { randomTree } from '../tests/support/randomTree';
import { ms, type Row } from './measure';

interface Opening {
  readonly readyMs: number;
  readonly tasks: readonly number[];
}

/** Opens a board and waits until it is drawn and looked through: how long that takes, and the tasks over 50 ms on the way. */
async function openBoard(page: Page, address: string, ready: string): Promise<Opening> {
  await page.goto('about:blank');
  const began = performance.now();
  await page.goto(address, { waitUntil: 'domcontentloaded' });
  await page.waitForSelector(ready, { timeout: 120_000 });
  const readyMs = performance.now() - began;
  await page.waitForFunction(() => document.querySelector('[aria-busy=true]') === null, { timeout: 120_000 });
  await new Promise((resolve) => setTimeout(resolve, 1500));
  return { readyMs, tasks: await page.evaluate(() => (window as unknown as { tasks: number[] }).tasks) };
}

/** A tree of 5,000 positions: opened whole and at one hub, with what others wait for meanwhile. */
export async function largeBoard(): Promise<Row[]> {
  const server = await startServer([]);
  const browser = await launch();
  try {
    const tree = randomTree(3, { positions: 5000, transitions: 15_000 });
    const response = await fetch(`${server.baseUrl}/api/trees`, { method: 'POST', body: formatTreeFile(tree) });
    if (!response.ok) throw new Error(await response.text());
    const page = await browser.newPage();
    await page.evaluateOnNewDocument(() => {
      const seen = window as unknown as { tasks: number[] };
      seen.tasks = [];
      new PerformanceObserver((list) => list.getEntries().forEach((entry) => seen.tasks.push(Math.round(entry.duration)))).observe({
        type: 'longtask',
        buffered: true,
      });
    });
    const at = `${server.baseUrl}/board/${tree.id}`;
    const hubRung = '[aria-label="The climb"] [data-section], [data-slot], svg text';
    const whole = await openBoard(page, `${at}?show=tree`, '[data-rung]');
    const hub = await openBoard(page, `${at}?show=hub&at=p7`, hubRung);
    // Once more, with somebody else asking for pages all the time.
    let longest = 0;
    let asking = true;
    const others = (async () => {
      while (asking) {
        const began = performance.now();
        await (await fetch(`${server.baseUrl}/files`)).text();
        longest = Math.max(longest, performance.now() - began);
        await new Promise((resolve) => setTimeout(resolve, 20));
      }
    })();
    await openBoard(page, `${at}?show=tree`, '[data-rung]');
    await openBoard(page, `${at}?show=hub&at=p7`, hubRung);
    asking = false;
    await others;
    const tasks = (opening: Opening) =>
      opening.tasks
        .toSorted((a, b) => b - a)
        .slice(0, 4)
        .join(', ') || 'none';
    return [
      { what: 'whole tree of 5,000 positions, drawn in the browser', measured: ms(whole.readyMs), wanted: '< 5 s' },
      { what: '  longest tasks while it opens', measured: `${tasks(whole)} ms`, wanted: 'one ≤ 300, else < 100 ms' },
      { what: 'one hub of it, drawn in the browser', measured: ms(hub.readyMs), wanted: '< 1 s' },
      { what: '  longest tasks while it opens', measured: `${tasks(hub)} ms`, wanted: 'one ≤ 300, else < 100 ms' },
      { what: 'another page meanwhile, the longest wait', measured: ms(longest), wanted: 'no wait for a layout' },
    ];
  } finally {
    await browser.close();
    await server.stop();
    await removeFolder(server.data);
  }
}
