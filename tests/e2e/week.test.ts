import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { axeFindings, clickText, type, waitForStored, waitForText } from './browser';
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

const go = (path: string) => page.goto(server.baseUrl + path, { waitUntil: 'networkidle0' });
const at = (path: string) => page.waitForFunction((wanted) => location.pathname + location.search === wanted, {}, path);

describe('the first page', () => {
  it('of an empty gym asks for a name and begins the tree', async () => {
    await go('/');
    await waitForText(page, 'Your first tree');
    expect(await axeFindings(page)).toEqual([]);
    await page.type('form input:not([type=radio])', 'Tide passes');
    await page.keyboard.press('Enter');
    await at('/board/tide-passes');
    await page.waitForSelector('[aria-label^="Name the guard"]');
    await type(page, 'Tide guard');
    await page.waitForFunction(() => document.activeElement?.getAttribute('aria-label')?.startsWith('What he does'));
    await type(page, 'frames on my hips');
    await page.waitForFunction(() => document.activeElement?.getAttribute('aria-label')?.startsWith('What I do'));
    await waitForStored(page);
  });
  it('says where one stopped and what is broken, and each line opens its place', async () => {
    await go('/');
    await waitForText(page, 'What is broken');
    await clickText(page, 'Tide guard: he frames on my hips');
    await page.waitForFunction(
      () =>
        document.activeElement?.textContent?.includes('he frames on my hips') &&
        document.activeElement.getAttribute('aria-expanded') === 'true',
    );
    await page.goBack();
    await waitForText(page, 'Where you stopped');
    await clickText(page, 'Tide guard');
    await page.waitForSelector('aside section[aria-label="Tide guard"]');
  });
  it('is reached from every screen, and has every screen', async () => {
    await clickText(page, 'This week');
    await waitForText(page, 'Where you stopped');
    for (const [screen, path] of [
      ['Grips', '/grips/tide-passes'],
      ['Rules and people', '/rules/tide-passes'],
      ['Compare', '/compare/tide-passes'],
      ['Log', '/history/tide-passes'],
    ] as const) {
      await clickText(page, 'Menu');
      await clickText(page, screen);
      await at(path);
      await clickText(page, 'This week');
      await waitForText(page, 'Where you stopped');
    }
  });
});

describe('a tree', () => {
  it('is renamed where its name stands, deleted, and brought back', async () => {
    await go('/files');
    const name = '[aria-label="Name of the tree Tide passes"]';
    await page.click(name, { count: 3 });
    await type(page, 'Ebb passes');
    await page.waitForSelector('[aria-label="Name of the tree Ebb passes"]');
    await go('/history/tide-passes');
    await waitForText(page, 'renamed: Ebb passes');
    await go('/files');
    await clickText(page, 'Delete');
    await clickText(page, 'Deleted: 1');
    await go('/');
    await waitForText(page, 'can be brought back');
    await go('/files');
    await clickText(page, 'Deleted: 1');
    await clickText(page, 'Bring it back');
    await page.waitForSelector('[aria-label="Name of the tree Ebb passes"]');
    await go('/');
    await waitForText(page, 'What is broken');
  });
  it('that was changed in another window meanwhile is not renamed over it', async () => {
    await go('/files');
    const { revision } = (await (await fetch(`${server.baseUrl}/api/documents/tree/tide-passes`)).json()) as { revision: number };
    const diff = { label: 'noted', changes: [{ kind: 'field', field: 'notes', from: null, to: 'Low tide.' }] };
    const answer = await fetch(`${server.baseUrl}/api/documents/tree/tide-passes/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ baseRevision: revision, edits: [{ id: crypto.randomUUID(), diff }] }),
    });
    expect(answer.status).toBe(200);
    await page.click('[aria-label="Name of the tree Ebb passes"]', { count: 3 });
    await type(page, 'Neap passes');
    await waitForText(page, 'It was changed in another window meanwhile. Try again.');
    expect(trouble).toEqual([]);
  });
});

describe('the keys', () => {
  it('of a screen are shown by ?, and after Escape they are never nowhere', async () => {
    await go('/board/tide-passes?show=hub&at=tide-guard');
    await page.waitForSelector('[data-show]');
    await page.keyboard.press('?');
    await page.waitForFunction(() => document.querySelector('[popover][aria-label="Keys of this screen"]')?.checkVisibility());
    await waitForText(page, 'finds a place, a show, a move');
    expect(await axeFindings(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => !document.querySelector('[popover][aria-label="Keys of this screen"]')?.checkVisibility());
    await page.waitForFunction(() => document.activeElement !== document.body);
    await page.keyboard.press('/');
    await page.waitForSelector('input[aria-label="Find in this tree"]');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.activeElement !== document.body);
  });
  it('begin with a way past the strip', async () => {
    await go('/files');
    await page.keyboard.press('Tab');
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('Skip to the content');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
    expect(await page.evaluate(() => document.activeElement?.closest('main') !== null)).toBe(true);
  });
});
