import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { formatTreeFile } from '@/core/notation';
import { randomTree } from '../support/randomTree';
import { choose, clickText, openPage, pick, axeFindings, waitForStored, waitForText } from './browser';
import type { Started } from './server';
import { closeSession, openSession } from './session';

let server: Started;
let browser: Browser;
let page: Page;
let trouble: string[];

beforeAll(async () => {
  ({ server, browser, page, trouble } = await openSession([]));
});
afterAll(() => closeSession({ server, browser }));

const go = (path: string, on = page) => on.goto(server.baseUrl + path, { waitUntil: 'networkidle0' });
const focused = (on = page) => on.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.tagName);
const ADD = 'Add a move or a tag …';
const ADD_LINE = `input[role=combobox][aria-label="${ADD}"]`;

describe('a line with a list under it', () => {
  it('leaves the keys of the line to the line, and the arrows choose', async () => {
    await go('/board/league-evening?show=tree');
    await page.keyboard.press('/');
    await page.waitForSelector('input[aria-label="Find in this tree"]');
    await page.keyboard.type('shield');
    await page.keyboard.press('Home');
    await page.keyboard.type('knee ');
    const line = 'input[aria-label="Find in this tree"]';
    expect(await page.$eval(line, (input) => (input as HTMLInputElement).value)).toBe('knee shield');
    expect(await axeFindings(page)).toEqual([]);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Enter');
    await page.waitForSelector('aside section[aria-label="Knee shield"]');
  });
  it('says when nothing is meant, and is empty when it is opened again', async () => {
    await go('/rules/league-evening');
    await clickText(page, 'Pia Holm');
    await clickText(page, ADD);
    await page.waitForSelector(ADD_LINE);
    await page.keyboard.type('50% constructor');
    await waitForText(page, 'Nothing by these words.');
    expect(await axeFindings(page)).toEqual([]);
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.waitForFunction((line) => document.querySelector(line) === null, {}, ADD_LINE);
    expect(await focused()).toBe(`${ADD}: ${ADD}`);
    await page.keyboard.press('Enter');
    await page.waitForSelector(ADD_LINE);
    expect(await page.$eval(ADD_LINE, (input) => (input as HTMLInputElement).value)).toBe('');
    await page.keyboard.press('Escape');
    // What was picked is added once, and the line is empty for the next.
    await pick(page, ADD, 'all that is tagged “heel hook”');
    await waitForText(page, 'all that is tagged “heel hook”');
    await waitForStored(page);
  });
});

describe('one of a few', () => {
  it('is reached by its label, walked with the arrows and looked for by letters, which no key of the screen hears', async () => {
    await go('/board/league-evening?show=tree');
    await clickText(page, 'For whom');
    await page.waitForSelector('button[role=combobox][aria-label="Rules"]');
    await clickText(page, 'Rules');
    await page.waitForSelector('[role=listbox]');
    await page.keyboard.press('/');
    // Letters within a second of each other are one word.
    await new Promise((resolve) => setTimeout(resolve, 1200));
    await page.keyboard.type('ebb');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelector('[aria-label="Rules"]')?.textContent?.startsWith('Ebb night'));
    expect(await page.$('input[aria-label="Find in this tree"]')).toBeNull();
    expect(await focused()).toBe('Rules');
    await page.keyboard.press('Enter');
    await page.waitForSelector('[role=listbox]');
    // The page behind is hidden from who hears it, and Tab does not lead there.
    const aboutBehind = /^(aria-hidden-focus|landmark-one-main|page-has-heading-one|region)/;
    expect((await axeFindings(page)).filter((finding) => !aboutBehind.test(finding))).toEqual([]);
    await page.keyboard.press('Tab');
    expect(await page.evaluate(() => document.activeElement?.closest('[role=listbox]') !== null)).toBe(true);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role=listbox]') === null);
    expect(await focused()).toBe('Rules');
  });
  it('on a form is kept with the form, and a form that was not touched is not changed by it', async () => {
    await go('/rules/league-evening');
    await clickText(page, 'Saltmarsh league, juniors');
    await page.waitForSelector('form[aria-label="Saltmarsh league, juniors"]');
    const card = async () =>
      (
        (await (await fetch(`${server.baseUrl}/api/documents/ruleCard/saltmarsh-juniors`)).json()) as {
          document: { points: { for: string }[]; levels?: string[]; forbidden: { belowLevel?: string }[] };
        }
      ).document;
    const before = await card();
    const [first] = before.points;
    expect(first).toBeDefined();
    await choose(page, 'For', first!.for === 'submission' ? 'back taken' : 'submission');
    await clickText(page, 'Keep this card');
    await waitForStored(page);
    const wanted = first!.for === 'submission' ? 'back' : 'submission';
    await page.waitForFunction(
      async (url, kind) => {
        const read = (await (await fetch(url)).json()) as { document: { points: { for: string }[] } };
        return read.document.points[0]?.for === kind;
      },
      {},
      `${server.baseUrl}/api/documents/ruleCard/saltmarsh-juniors`,
      wanted,
    );
    expect({ ...(await card()), points: [] }).toEqual({ ...before, points: [] });
  });
  it('can be taken with a finger', async () => {
    const { page: phone } = await openPage(browser, server.baseUrl);
    await phone.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
    await go('/rules/league-evening', phone);
    await clickText(phone, 'Tove Lind');
    const side = await phone.waitForSelector('button[role=combobox][aria-label="Better side"]');
    await side!.tap();
    const option = await phone.waitForFunction(() =>
      [...document.querySelectorAll<HTMLElement>('[role=option]')].find((item) => item.textContent === 'left'),
    );
    await (option.asElement() as import('puppeteer-core').ElementHandle<HTMLElement>).tap();
    await phone.waitForFunction(() => document.querySelector('[aria-label="Better side"]')?.textContent?.startsWith('left'));
    await waitForStored(phone);
    await phone.close();
  });
});

describe('a browser that never says it is idle', () => {
  it('has all parts of the board, too', async () => {
    const { page: other, trouble: its } = await openPage(browser, server.baseUrl);
    await other.evaluateOnNewDocument(() => {
      delete (window as { requestIdleCallback?: unknown }).requestIdleCallback;
      delete (window as { cancelIdleCallback?: unknown }).cancelIdleCallback;
    });
    await go('/board/league-evening?show=tree', other);
    await clickText(other, 'For whom');
    await choose(other, 'Cloth', 'no-gi');
    await waitForText(other, 'Under this filter');
    await other.close();
    expect(its).toEqual([]);
  });
});

describe('a long list', () => {
  const tree = { ...randomTree(4, { positions: 600, transitions: 1500 }), id: 'many', name: 'Many' };
  beforeAll(async () => {
    const response = await fetch(`${server.baseUrl}/api/trees`, { method: 'POST', body: formatTreeFile(tree) });
    expect(response.ok).toBe(true);
  });
  it('draws what is in sight, says how long it is, and goes on when it is scrolled', async () => {
    await go('/board/many?show=tree');
    const row = await page.waitForSelector('aside li[aria-setsize]');
    const count = Number(await row!.evaluate((item) => item.getAttribute('aria-setsize')));
    expect(count).toBeGreaterThan(120);
    expect(await page.$$eval('aside li[aria-setsize]', (rows) => rows.length)).toBeLessThan(60);
    expect(await axeFindings(page)).toEqual([]);
    const last = () =>
      page.$$eval('aside li[aria-setsize]', (rows, all) => rows.some((item) => item.getAttribute('aria-posinset') === String(all)), count);
    expect(await last()).toBe(false);
    // The last row is reached, whatever the rows before it turn out to measure.
    await page.waitForFunction(
      (all) => {
        const box = document.querySelector('aside li[aria-setsize]')!.closest('div.overflow-y-auto')!;
        box.scrollTop = box.scrollHeight;
        return document.querySelector(`aside li[aria-posinset="${all}"][aria-setsize="${all}"]`) !== null;
      },
      {},
      count,
    );
    // No two rows lie on one another.
    await page.waitForFunction(() => {
      const tops = [...document.querySelectorAll<HTMLElement>('aside li[aria-setsize]')].map((item) => item.getBoundingClientRect());
      const sorted = tops.filter((box) => box.height > 0).sort((a, b) => a.top - b.top);
      return sorted.every((box, i) => i === 0 || box.top >= sorted[i - 1]!.bottom - 1);
    });
  });
  it('brings what is chosen into sight, and is narrowed by typing', async () => {
    const at = tree.transitions.at(-1)!;
    await go(`/grips/many?at=${encodeURIComponent(at.id)}`);
    await page.waitForFunction(() => {
      const chosen = document.querySelector('nav [aria-current=true]')?.getBoundingClientRect();
      return chosen !== undefined && chosen.top >= 0 && chosen.bottom <= window.innerHeight;
    });
    await page.type('input[aria-label="Find a place or a move"]', at.name);
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.activeElement?.id === 'holds');
    expect(await page.$eval('h2', (title) => title.textContent)).toContain(at.name);
  });
  it('nothing on the way went wrong', () => expect(trouble).toEqual([]));
});
