import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { formatTreeFile } from '@/core/notation';
import { emptyTree } from '@/core/tree';
import { LONG_NAME, longTree } from '../support/longTree';
import { axeFindings, clickText, openPage } from './browser';
import { SIZES, unreadable } from './readable';
import { startServer, type Started } from './server';
import { closeSession, openSession } from './session';

let server: Started;
let browser: Browser;
let empty: Started;

beforeAll(async () => {
  ({ server, browser } = await openSession([]));
  empty = await startServer(['--empty']);
});
afterAll(async () => {
  await empty.stop();
  await closeSession({ server, browser });
});

const screensOf = (tree: string): string[] => [
  '/',
  `/board/${tree}?show=tree`,
  `/board/${tree}?show=guard`,
  `/board/${tree}?show=route`,
  `/finder/${tree}`,
  `/odds/${tree}`,
  `/plan/${tree}`,
  `/class/${tree}`,
  `/course/${tree}`,
  `/catalogue/${tree}`,
  `/grips/${tree}`,
  `/rules/${tree}`,
  `/compare/${tree}`,
  `/history/${tree}`,
  '/files',
];

/** Everything that is wrong with a screen at the four sizes; axe looks at the widest and the narrowest. */
async function wrongWith(page: Page, screen: string): Promise<string[]> {
  const wrong: string[] = [];
  for (const size of SIZES) {
    await page.setViewport(size);
    await page.evaluate(() => new Promise((done) => setTimeout(done, 250)));
    const found = [...(await unreadable(page)), ...(size === SIZES[0] || size === SIZES.at(-1) ? await axeFindings(page) : [])];
    wrong.push(...found.map((words) => `${screen} at ${size.width}: ${words}`));
  }
  return wrong;
}

/** One screen, with what is done on it first. */
async function look(baseUrl: string, screen: string, prepare?: (page: Page) => Promise<void>): Promise<string[]> {
  const { page, trouble } = await openPage(browser, baseUrl);
  await page.goto(baseUrl + screen, { waitUntil: 'networkidle0' });
  await prepare?.(page);
  const wrong = await wrongWith(page, screen);
  await page.close();
  return [...wrong, ...trouble];
}

const HUBS = ['body-lock', 'headquarters', 'over-under'].map((id) => `/board/league-evening?show=hub&at=${id}`);

describe('every screen at four sizes: no type under 12 px, no words on others, nothing pushed sideways, nothing that axe finds', () => {
  it.each([...screensOf('league-evening'), ...HUBS, '/catalogue/league-evening?at=spider', '/nowhere'])(
    'of the demo, %s',
    async (screen) => {
      expect(await look(server.baseUrl, screen)).toEqual([]);
    },
  );
  it('of the whole map, too, whatever does not fit: its words are left out rather than shrunk', async () => {
    const { page } = await openPage(browser, server.baseUrl);
    await page.setViewport(SIZES[1]);
    await page.goto(`${server.baseUrl}/board/league-evening?show=tree`, { waitUntil: 'networkidle0' });
    const shown = () => page.$$eval('svg text', (all) => all.filter((text) => getComputedStyle(text).visibility === 'visible').length);
    const before = await shown();
    await clickText(page, 'Fit');
    await page.waitForFunction(() => document.querySelector('[data-leaves-out]')?.getAttribute('data-leaves-out') !== '');
    expect(await unreadable(page)).toEqual([]);
    expect(await shown()).toBeLessThan(before);
    expect(await shown()).toBeGreaterThan(0);
    await page.close();
  });
  it('and on paper no type is under 9 pt', async () => {
    const { page } = await openPage(browser, server.baseUrl);
    await page.emulateMediaType('print');
    for (const sheet of ['/grips/league-evening?at=half-below-i-come-up-on-the-single-leg-to-the-lock', '/class/league-evening/sheet']) {
      await page.goto(server.baseUrl + sheet, { waitUntil: 'networkidle0' });
      expect((await unreadable(page)).filter((words) => words.endsWith(' px'))).toEqual([]);
    }
    await page.close();
  });
});

describe('the same of an empty gym', () => {
  beforeAll(async () => {
    const made = await fetch(`${empty.baseUrl}/api/documents/tree`, {
      method: 'POST',
      body: JSON.stringify({ edit: crypto.randomUUID(), document: emptyTree('bare', 'Bare') }),
    });
    expect(made.status).toBe(201);
  });
  it.each(screensOf('bare'))('%s', async (screen) => {
    expect(await look(empty.baseUrl, screen)).toEqual([]);
  });
});

describe('the same with names of 120 letters', () => {
  beforeAll(async () => {
    const made = await fetch(`${server.baseUrl}/api/trees`, { method: 'POST', body: formatTreeFile(longTree()) });
    expect(made.status).toBe(201);
  });
  it.each([...screensOf('long'), '/board/long?show=hub&at=length'])('%s', async (screen) => {
    const opened = (page: Page) => (screen.startsWith('/rules/') ? clickText(page, LONG_NAME) : Promise.resolve());
    expect(await look(server.baseUrl, screen, opened)).toEqual([]);
  });
});
