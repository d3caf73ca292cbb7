import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beginTree, clickText, launch, openPage, axeFindings, type, waitForText, pagesOf, waitForStored } from './browser';
import type { Started } from './server';
import { closeSession, openSession } from './session';

let server: Started;
let browser: Browser;
let page: Page;
let trouble: string[];

beforeAll(async () => {
  ({ server, browser, page, trouble } = await openSession(['--empty']));
});
afterAll(() => closeSession({ server, browser }));

const stored = () => waitForStored(page);
const broken = (count: number) => waitForText(page, count === 1 ? '1 broken rung' : `${count} broken rungs`);
const caretFor = (label: string) =>
  page.waitForFunction((wanted) => document.activeElement?.getAttribute('aria-label')?.startsWith(wanted), { timeout: 15_000 }, label);
const chance = async (): Promise<number> => {
  await page.waitForFunction(() => document.querySelector('[data-odds]') && document.querySelector('[aria-busy=true]') === null);
  await new Promise((resolve) => setTimeout(resolve, 400));
  return page.$eval('[data-odds]', (element) => Number((element as HTMLElement).dataset.odds));
};

describe('a new coach', () => {
  it('draws the first branch from the keyboard alone, without reading anything', async () => {
    await beginTree(page, server.baseUrl);
    await caretFor('Name the guard');
    expect(await axeFindings(page)).toEqual([]);
    await type(page, 'Knee shield');
    await caretFor('What he does');
    await type(page, 'frames on the neck');
    await caretFor('What I do');
    await type(page, 'fold the shield');
    await caretFor('Where it lands');
    await page.keyboard.type('Side pin');
    await waitForText(page, 'as the catalogue knows it');
    await page.keyboard.press('Enter');
    await broken(0);
    await stored();
  });

  it('sees what has no answer, answers it, and sees the chance of finishing move', async () => {
    await page.$eval('[data-rung="knee-shield"]', (rung) => (rung as SVGGElement).focus());
    await page.keyboard.press('Enter');
    await caretFor('What he does');
    await type(page, 'digs the underhook');
    await caretFor('What I do');
    await page.keyboard.press('Escape');
    await broken(1);
    expect(await page.$('[data-broken="knee-shield/digs-the-underhook"]')).not.toBeNull();
    const before = await chance();
    await page.click('[data-answer="knee-shield/digs-the-underhook"]');
    await caretFor('What I do');
    await type(page, 'whizzer and pin the head');
    await caretFor('Where it lands');
    await page.keyboard.type('side');
    await waitForText(page, 'Enter: a new place');
    await page.keyboard.press('ArrowRight');
    await waitForText(page, 'Enter: joins Side pin');
    await page.keyboard.press('Enter');
    await broken(0);
    expect(await chance()).toBeGreaterThan(before);
    await stored();
  });

  it('undoes and redoes without limit, and finds everything again after a reload', async () => {
    for (let i = 0; i < 5; i++) await clickText(page, 'Undo');
    await page.waitForFunction(() => document.querySelectorAll('[data-rung]').length === 0);
    for (let i = 0; i < 5; i++) await clickText(page, 'Redo');
    await page.waitForFunction(() => document.querySelectorAll('[data-rung]').length === 2);
    await stored();
    await page.reload();
    await page.waitForSelector('[data-rung="side-pin"]');
    await broken(0);
  });

  it('renames, re-links and removes in the side sheet', async () => {
    await page.click('[data-rung="knee-shield"]');
    await page.waitForSelector('[aria-label="Name of the position"]');
    await page.click('[aria-label="Name of the position"]', { count: 3 });
    await type(page, 'Knee shield, high');
    await waitForText(page, 'stored');
    await clickText(page, 'I … (whatever he does)');
    await caretFor('What I do');
    await type(page, 'back step');
    await caretFor('Where it lands');
    await page.keyboard.type('Half passed');
    await type(page, '');
    await caretFor('What he does');
    await page.keyboard.press('Escape');
    await page.waitForSelector('[data-rung="half-passed"]');
    await page.click('[data-rung="knee-shield"]');
    await clickText(page, 'I back step');
    await clickText(page, 'Lands elsewhere');
    await caretFor('Where it lands');
    await type(page, 'side pin');
    await clickText(page, '0 broken rungs');
    await waitForText(page, 'Never reached');
    await clickText(page, 'Undo');
    await stored();
  });

  it('continues the new position to a pin, so that three branches can be taught', async () => {
    await page.click('[data-rung="half-passed"]');
    await clickText(page, 'I … (whatever he does)');
    await caretFor('What I do');
    await type(page, 'settle');
    await caretFor('Where it lands');
    await type(page, 'side pin');
    await broken(0);
    await stored();
  });

  it('makes a class from three branches and prints it on one page', async () => {
    await clickText(page, 'Class');
    await waitForText(page, 'Branches');
    expect(await axeFindings(page)).toEqual([]);
    const boxes = await page.$$('section[aria-label="Branches"] input[type=checkbox]');
    expect(boxes.length).toBe(3);
    for (const box of boxes) await box.click();
    const rows = 'main ol button[aria-pressed]';
    await page.waitForFunction((all) => document.querySelectorAll(all).length >= 4, {}, rows);
    await page.click(rows);
    await waitForText(page, 'The feeder');
    await stored();
    await clickText(page, 'Print sheet');
    await waitForText(page, 'Save as PDF');
    expect(await axeFindings(page)).toEqual([]);
    await waitForText(page, 'Chain: Knee shield, high to Side pin');
    expect(pagesOf(await page.pdf({ preferCSSPageSize: true }))).toBe(1);
    const response = await fetch(`${server.baseUrl}/api/trees/my-passing/sheet`);
    expect(response.headers.get('content-type')).toBe('application/pdf');
    expect(pagesOf(new Uint8Array(await response.arrayBuffer()))).toBe(1);
  });

  it('sees the odds desk and the files without serious accessibility findings', async () => {
    await page.goto(`${server.baseUrl}/odds/my-passing`);
    await waitForText(page, 'How it ends from Knee shield, high');
    expect(await axeFindings(page)).toEqual([]);
    await page.goto(`${server.baseUrl}/files`);
    await waitForText(page, 'Trees of this gym');
    expect(await axeFindings(page)).toEqual([]);
  });

  it('is told in a sentence what is wrong with a bad file, and nothing is stored', async () => {
    const file = path.join(server.data, 'bad.json');
    await writeFile(file, '{"format":"red-ladder-tree","version":1,"tree":{},"positions":[],"transitions":[]}');
    const input = (await page.$('input[type=file]')) as import('puppeteer-core').ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
    await waitForText(page, 'This file was not taken in.');
    await waitForText(page, 'Nothing was stored.');
    const exported = await fetch(`${server.baseUrl}/api/trees/my-passing/file`);
    const good = path.join(server.data, 'good.json');
    const text = await exported.text();
    await writeFile(good, text);
    await input.uploadFile(good);
    await page.waitForFunction(() => location.pathname === '/board/my-passing-2');
    const again = await (await fetch(`${server.baseUrl}/api/trees/my-passing-2/file`)).text();
    expect(again).toBe(text.replaceAll('"id": "my-passing"', '"id": "my-passing-2"'));
  });

  it('a second window with a stale copy is told, shown the difference, and loses nothing', async () => {
    const address = `${server.baseUrl}/board/my-passing?at=knee-shield`;
    // A browser of its own: a page behind another one in the same browser draws nothing.
    const second = await launch();
    const { page: other } = await openPage(second, server.baseUrl);
    await page.goto(address);
    await page.waitForSelector('[aria-label="Name of the position"]');
    await other.goto(address);
    await other.waitForSelector('[aria-label="Name of the position"]');
    await clickText(page, 'he …');
    await type(page, 'turns to his knees');
    await page.keyboard.press('Escape');
    await broken(1);
    await stored();
    await other.evaluate(() => window.dispatchEvent(new Event('focus')));
    await waitForText(other, 'This tree was changed in another window');
    await waitForText(other, 'he turns to his knees');
    expect(await axeFindings(other)).toEqual([]);
    await clickText(other, 'Show it as it is now');
    await waitForText(other, '1 broken rung');
    // Now both edit without looking at each other: this window first, the other one without having been asked.
    await page.click('[data-rung="half-passed"]');
    await page.click('[aria-label="Name of the position"]', { count: 3 });
    await type(page, 'Half, knee free');
    // It may still say that what was before is stored.
    await page.waitForFunction(async () => (await (await fetch('/api/trees/my-passing/file')).text()).includes('Half, knee free'));
    await stored();
    await other.click('[data-rung="side-pin"]');
    await other.click('[aria-label="Name of the position"]', { count: 3 });
    await type(other, 'Side pin, heavy');
    await waitForText(other, 'Not yet stored here');
    await waitForText(other, 'Half passed: renamed');
    await clickText(other, 'Put mine on top of theirs');
    await other.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    await page.goto(address);
    await waitForText(page, 'stored');
    const text = await (await fetch(`${server.baseUrl}/api/trees/my-passing/file`)).text();
    expect(text).toContain('"name": "Side pin, heavy"');
    expect(text).toContain('"name": "Half, knee free"');
    await second.close();
  });

  it('met no error on any page and asked nobody else for anything', () => {
    expect(trouble).toEqual([]);
  });
});
