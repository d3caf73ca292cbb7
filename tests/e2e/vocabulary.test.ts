import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { findUnanswered } from '@/core/structure';
import { demoTree } from '../../demo/demoTree';
import { clickText, launch, openPage, seriousFindings, waitForText } from './browser';
import { removeFolder, startServer, type Started } from './server';

const BROKEN = `${findUnanswered(demoTree()).length} broken rungs`;
let server: Started;
let browser: Browser;
let page: Page;
let trouble: string[];

beforeAll(async () => {
  server = await startServer([]);
  browser = await launch();
  ({ page, trouble } = await openPage(browser, server.baseUrl));
});
afterAll(async () => {
  await browser?.close();
  await server?.stop();
  if (server) await removeFolder(server.data);
});

const go = (path: string) => page.goto(server.baseUrl + path, { waitUntil: 'networkidle0' });
const stored = () => page.waitForFunction(() => [...document.querySelectorAll('[role=status]')].some((element) => element.textContent === 'stored'), { timeout: 15_000 }); // prettier-ignore
const choose = async (label: string, value: string): Promise<void> => {
  const select = await page.evaluateHandle((wanted) => [...document.querySelectorAll('label')].find((item) => item.textContent?.startsWith(wanted))?.querySelector('select'), label); // prettier-ignore
  await (select.asElement() as import('puppeteer-core').ElementHandle<HTMLSelectElement>).select(value);
};
const treeFile = async () => (await (await fetch(`${server.baseUrl}/api/trees/league-evening/file`)).json()) as { positions: { id: string; fromCatalogue?: string }[]; transitions: unknown[] }; // prettier-ignore

describe('the read finder', () => {
  it('answers after two ticks, on a phone, with what to do now', async () => {
    await page.setViewport({ width: 390, height: 844 });
    await go('/finder/league-evening');
    await clickText(page, 'open, pointing at me');
    await clickText(page, 'two hooks under my thighs');
    await page.waitForSelector('[data-place="butterfly"][open]');
    await waitForText(page, 'I lock behind the hips');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const sizes = await page.$$eval('button[aria-pressed]', (buttons) => buttons.map((button) => button.getBoundingClientRect().height));
    expect(Math.min(...sizes)).toBeGreaterThanOrEqual(44);
    expect(await seriousFindings(page)).toEqual([]);
    await clickText(page, 'Clear');
    await waitForText(page, 'Two or three ticks are enough');
    await page.setViewport({ width: 1280, height: 800 });
  });
});

describe('the catalogue', () => {
  it('is searched with a letter wrong, and taken into the tree with all its reads, until confirmed', async () => {
    await go('/catalogue/league-evening');
    expect(await seriousFindings(page)).toEqual([]);
    await page.type('input[type=search]', 'shin to shim');
    await clickText(page, 'Shin to shin');
    await waitForText(page, 'his shin and both hands have one of my legs');
    await clickText(page, 'Add to');
    await waitForText(page, 'I have read it: confirm');
    await stored();
    expect((await treeFile()).positions.find((position) => position.id === 'shin-to-shin')).toMatchObject({
      fromCatalogue: 'shin-to-shin',
    });
    const before = (await treeFile()).transitions.length;
    await clickText(page, 'Add it');
    await stored();
    expect((await treeFile()).transitions.length).toBe(before + 1);
    await clickText(page, 'I have read it');
    await page.waitForFunction(() => !document.body.innerText.includes('I have read it'));
    await stored();
    expect((await treeFile()).positions.find((position) => position.id === 'shin-to-shin')!.fromCatalogue).toBeUndefined();
  });
});

describe('looking at the tree for somebody', () => {
  it('says what the juniors’ card takes away, names the rule book, and changes nothing', async () => {
    const before = JSON.stringify(await treeFile());
    await go('/board/league-evening?show=tree');
    await clickText(page, 'For whom');
    await choose('Rules', 'saltmarsh-juniors');
    await waitForText(page, 'Check the current rule book');
    await waitForText(page, 'Goals out of reach');
    await waitForText(page, 'Threats that fall away');
    expect(await page.$$eval('[aria-label$="out of reach under this filter"]', (rungs) => rungs.length)).toBeGreaterThan(0);
    expect(await seriousFindings(page)).toEqual([]);
    await choose('Rules', '');
    await choose('Seen by', 'other');
    await page.waitForFunction((was) => !document.body.innerText.includes(was), {}, BROKEN);
    await choose('Seen by', 'owner');
    expect(JSON.stringify(await treeFile())).toBe(before);
  });
});

describe('the log, the cards and the comparison', () => {
  it('a rule card is written with sentences for what is wrong, and kept', async () => {
    await go('/rules/league-evening');
    expect(await seriousFindings(page)).toEqual([]);
    await clickText(page, 'Write a card');
    await page.waitForFunction(() => document.querySelector('form')?.getAttribute('aria-label') === 'New rule card');
    await clickText(page, 'Forbid something');
    await page.type('input[name="name"]', ' of the harbour cup');
    await clickText(page, 'Keep this card');
    await waitForText(page, 'Say what is forbidden, or remove the line.');
    await page.type('input[name="forbidden.0.tag"]', 'stack');
    await clickText(page, 'Keep this card');
    await page.waitForFunction(() => document.querySelector('form')?.getAttribute('aria-label') === 'New rule card of the harbour cup');
    await stored();
    const { tree } = (await (await fetch(`${server.baseUrl}/api/trees/league-evening/file`)).json()) as { tree: { ruleSets: { name: string; forbidden: unknown[] }[] } }; // prettier-ignore
    expect(tree.ruleSets.at(-1)).toMatchObject({ name: 'New rule card of the harbour cup', forbidden: [{ tag: 'stack' }] });
  });
  it('the log leads back to the beginning, and forth again', async () => {
    const now = JSON.stringify(await treeFile());
    await go('/history/league-evening');
    expect(await seriousFindings(page)).toEqual([]);
    const buttons = await page.$$('main li button');
    await buttons.at(-1)!.click();
    await waitForText(page, 'back to revision 1');
    expect((await treeFile()).positions.some((position) => position.id === 'shin-to-shin')).toBe(false);
    const [last] = await page.$$('main li button');
    await last!.click();
    await waitForText(page, 'back to revision');
    await page.waitForFunction(() => (document.body.innerText.match(/back to revision/g) ?? []).length === 2);
    expect(JSON.stringify(await treeFile())).toBe(now);
  });
  it('two schools stand side by side, and what each has of its own', async () => {
    await go('/compare/league-evening?school=pressure&against=loose');
    await waitForText(page, 'I smash the knees together');
    await waitForText(page, 'I throw the legs past the frame');
    expect(await seriousFindings(page)).toEqual([]);
    await go('/files');
    await clickText(page, 'Copy for a group');
    await waitForText(page, 'League evening, copy');
  });
});

it('met no error on any page and asked nobody else for anything', () => expect(trouble).toEqual([]));
