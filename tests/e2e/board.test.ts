import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { formatTreeFile } from '@/core/notation';
import { findUnanswered } from '@/core/structure';
import { demoTree } from '../../demo/demoTree';
import { clickText, axeFindings, type, waitForText, waitForStored, pick } from './browser';
import type { Started } from './server';
import { closeSession, openSession } from './session';

const BROKEN = `${findUnanswered(demoTree()).length} broken rungs`;
let server: Started;
let browser: Browser;
let page: Page;
let trouble: string[];

beforeAll(async () => {
  ({ server, browser, page, trouble } = await openSession([]));
});
afterAll(() => closeSession({ server, browser }));

interface TreeFile {
  readonly positions: readonly unknown[];
}

const open = async (search: string): Promise<void> => {
  await page.goto(`${server.baseUrl}/board/league-evening${search}`, { waitUntil: 'networkidle0' });
  await page.waitForFunction(() => document.querySelector('[aria-busy=true]') === null);
};
const stored = () => waitForStored(page);
const focusOn = (rung: string) => page.$eval(`[data-rung="${rung}"]`, (element) => (element as SVGGElement).focus());
const focused = () => page.evaluate(() => (document.activeElement as SVGGElement | null)?.dataset.rung ?? null);
/** The place that the side sheet is about. */
const sheet = () => page.$eval('aside section', (element) => element.getAttribute('aria-label'));
const sheetOf = (place: string) =>
  page.waitForFunction(
    (wanted) => document.querySelector('aside section')?.getAttribute('aria-label') === wanted,
    { timeout: 15_000 },
    place,
  );
const caretFor = (label: string) =>
  page.waitForFunction((wanted) => document.activeElement?.getAttribute('aria-label')?.startsWith(wanted), { timeout: 15_000 }, label);

describe('the board from the keyboard', () => {
  it('Enter selects a rung, arrows walk its sections, the answers up and the rungs beside', async () => {
    await open('?show=tree');
    await focusOn('collar-sleeve');
    await page.keyboard.press('Enter');
    await sheetOf('Collar and sleeve');
    await page.keyboard.press('ArrowUp');
    await page.waitForFunction(() => document.querySelector('aside section')?.getAttribute('aria-label') !== 'Collar and sleeve');
    const above = await focused();
    expect(above).not.toBeNull();
    expect(above).not.toBe('collar-sleeve');
    await page.keyboard.press('ArrowDown');
    await page.waitForFunction((from) => (document.activeElement as SVGGElement | null)?.dataset.rung !== from, {}, above);
    await focusOn('spider');
    await page.keyboard.press('Enter');
    for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight');
    expect(await focused()).not.toBe('spider');
    await page.keyboard.press('Escape');
    await waitForText(page, 'What needs you');
    expect(await sheet()).toBe('Findings');
  });
  it('/ finds a position by part of its name', async () => {
    await open('?show=tree');
    await page.keyboard.press('/');
    await caretFor('Find in this tree');
    await page.keyboard.type('over-u');
    await page.keyboard.press('Enter');
    await sheetOf('Over-under');
  });
  it('and what he shows, a move or a word told of it, and opens it there; then what the catalogue knows', async () => {
    await open('?show=tree');
    await page.keyboard.press('/');
    await caretFor('Find in this tree');
    await type(page, 'pummels the leg high');
    await sheetOf('Headquarters');
    await page.waitForFunction(() => document.activeElement?.getAttribute('aria-expanded') === 'true');
    expect(await page.evaluate(() => document.activeElement?.textContent)).toContain('pummels the leg high');
    await page.keyboard.press('/');
    await caretFor('Find in this tree');
    await page.keyboard.type('saddle');
    await waitForText(page, 'catalogue');
    await page.keyboard.press('Enter');
    await waitForText(page, 'Crossed entanglement');
    await page.waitForFunction(() => location.pathname.startsWith('/catalogue/'));
  });
  it('Tab goes on to the next broken rung, Escape closes the caret', async () => {
    await open('?show=hub&at=headquarters');
    expect(await page.$$('[aria-label*="no answer yet"]')).toHaveLength(2);
    await page.$eval('[aria-label*="no answer yet"]', (gap) => (gap as SVGElement).focus());
    await page.keyboard.press('Enter');
    await caretFor('What I do');
    await page.keyboard.press('Tab');
    await caretFor('What I do');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('input[aria-label="What I do then"]') === null);
    await stored();
  });
});

describe('what my grips shut', () => {
  it('is said at his move: for certain, or only if I keep it; and what letting go lets in', async () => {
    await open('?show=guard&at=side-low');
    await waitForText(page, 'shut only if I keep left hand far hip');
    await waitForText(page, 'Letting go of left hand far hip lets in: he gets half guard back.');
  });
});

describe('findings', () => {
  it('are set aside with a reason, stay so after a reload, and come back by undoing', async () => {
    await open('?show=guard&at=knee-shield');
    await page.keyboard.press('Escape');
    await clickText(page, BROKEN);
    await clickText(page, 'Set aside');
    await type(page, 'nobody in the league does it');
    await waitForText(page, 'Set aside 1');
    await stored();
    expect(await axeFindings(page)).toEqual([]);
    await page.reload({ waitUntil: 'networkidle0' });
    await clickText(page, BROKEN);
    await waitForText(page, 'Set aside 1');
    await clickText(page, 'Set aside 1');
    await waitForText(page, 'because nobody in the league does it');
    await clickText(page, 'Put it back on the list');
    await page.waitForFunction(() => !document.body.innerText.toLowerCase().includes('set aside 1'));
    await stored();
  });
  it('stay readable while what they speak of is undone', async () => {
    await open('?show=guard&at=collar-sleeve');
    await clickText(page, 'he stands up');
    await clickText(page, 'he … (what it costs)');
    await caretFor('What he does if I fail');
    await type(page, 'runs round me');
    await caretFor('Where it lands');
    await type(page, 'Swept');
    await stored();
    await clickText(page, BROKEN);
    await waitForText(page, 'Swept');
    await page.keyboard.down('Control');
    await page.keyboard.press('z');
    await page.keyboard.up('Control');
    await page.waitForFunction(() => document.querySelector('[aria-busy=true]') === null);
    await waitForText(page, 'What needs you');
    await stored();
    expect(trouble).toEqual([]);
  });
  it('lead to their place: answering one opens the caret there', async () => {
    await open('?show=guard');
    await clickText(page, 'Answer it');
    await caretFor('What I do');
    await page.keyboard.press('Escape');
  });
  it('are walked in one hub with the arrows, from section to section and up to an answer', async () => {
    await open('?show=hub&at=body-lock');
    await page.waitForSelector('[data-show]');
    await page.$eval('[data-show]', (section) => (section as SVGGElement).focus());
    const shown = () => page.evaluate(() => (document.activeElement as SVGGElement).dataset.show ?? document.activeElement?.ariaLabel);
    const first = await shown();
    await page.keyboard.press('ArrowRight');
    const second = await shown();
    expect(second).not.toBe(first);
    await page.keyboard.press('ArrowLeft');
    expect(await shown()).toBe(first);
    await page.keyboard.press('ArrowUp');
    expect(await shown()).toMatch(/lands on/);
    await page.keyboard.press('Escape');
    expect(await page.evaluate(() => document.activeElement === document.body)).toBe(false);
  });
  it('show the ways up one after the other', async () => {
    await open('?show=route&at=body-lock');
    await waitForText(page, 'Way 1 of the');
    await clickText(page, 'Next way');
    await waitForText(page, 'Way 2 of the');
    expect(await page.$('[data-on-route="body-lock"]')).not.toBeNull();
  });
  it('and from where to where they are asked for; a rung of it is looked at beside it, and the way stays', async () => {
    await open('?show=route');
    await pick(page, 'From', 'Spider');
    await pick(page, 'To', 'Mount');
    const ends = () => page.$$eval('[data-on-route]', (rungs) => rungs.map((rung) => (rung as HTMLElement).dataset.onRoute));
    await page.waitForFunction(() => {
      const rungs = [...document.querySelectorAll<HTMLElement>('[data-on-route]')].map((rung) => rung.dataset.onRoute);
      return rungs[0] === 'spider' && rungs.at(-1) === 'mount';
    });
    const before = await ends();
    expect(await axeFindings(page)).toEqual([]);
    await page.click(`[data-on-route="${before[1]!}"]`);
    await page.waitForSelector('aside section[aria-label="How one knows it"], aside [aria-label="Name of the position"]');
    expect(await ends()).toEqual(before);
    await clickText(page, 'About the route');
    await waitForText(page, 'Ways to each goal');
  });
});

describe('files and the sheet', () => {
  it('what is saved as a file is the tree in its normal form, and can be taken in again as a copy', async () => {
    await page.goto(`${server.baseUrl}/files`);
    const href = await page.$eval('a[download][href$="/file"]', (link) => (link as HTMLAnchorElement).href);
    const text = await (await fetch(href)).text();
    expect(JSON.parse(text)).toMatchObject({ format: 'red-ladder-tree', version: 8 });
    expect((JSON.parse(text) as TreeFile).positions).toEqual((JSON.parse(formatTreeFile(demoTree())) as TreeFile).positions);
    const file = path.join(server.data, 'colleague.json');
    await writeFile(file, text.replace('"name": "League evening"', '"name": "From a colleague"'));
    const input = (await page.$('input[type=file]')) as import('puppeteer-core').ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
    await waitForText(page, 'From a colleague');
    await page.goto(`${server.baseUrl}/files`);
    const ids = await page.$$eval('a[download][href$="/file"]', (links) => links.map((link) => (link as HTMLAnchorElement).href));
    expect(new Set(ids).size).toBe(2);
    const copies = await Promise.all(ids.map(async (id) => (await (await fetch(id)).json()) as { positions: unknown[] }));
    expect(copies[0]!.positions).toEqual(copies[1]!.positions);
  });
  it('the class sheet is a PDF of readable type', async () => {
    const response = await fetch(`${server.baseUrl}/api/trees/league-evening/sheet`);
    expect(response.headers.get('content-type')).toBe('application/pdf');
    const pdf = Buffer.from(await response.arrayBuffer()).toString('latin1');
    // In type of 9 pt and more; what does not fit goes on to a second page.
    expect(pdf.match(/\/Type \/Page\b/g)!.length).toBeLessThanOrEqual(2);
  });
  it('an unknown tree is a page that says so and leads back', async () => {
    const response = await page.goto(`${server.baseUrl}/board/no-such-tree`);
    expect(response?.status()).toBe(404);
    expect(await page.$$eval('a', (links) => links.length)).toBeGreaterThan(0);
  });
});

it('met no error on any page and asked nobody else for anything', () => expect(trouble).toEqual([]));
