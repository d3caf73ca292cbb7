import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clickText, axeFindings, waitForText } from './browser';
import type { Started } from './server';
import { closeSession, openSession } from './session';

let server: Started;
let browser: Browser;
let page: Page;
let file: string;
const asked: string[] = [];
const errors: string[] = [];

beforeAll(async () => {
  ({ server, browser } = await openSession([]));
  const response = await fetch(`${server.baseUrl}/api/trees/league-evening/pocket?cloth=noGi`);
  expect(response.headers.get('content-disposition')).toContain('attachment; filename="league-evening.pocket.html"');
  file = path.join(server.data, 'pocket.html');
  await writeFile(file, await response.text());
  page = await browser.newPage();
  await page.setViewport({ width: 390, height: 844 });
  await page.setOfflineMode(true);
  page.on('request', (request) => asked.push(request.url()));
  page.on('pageerror', (error) => errors.push(String(error)));
  await page.goto(`file://${file}`);
});
afterAll(() => closeSession({ server, browser }));

const heading = () => page.$eval('#climb h2', (head) => head.textContent);
const press = async (words: string): Promise<void> => {
  const before = await heading();
  await clickText(page, words);
  await page.waitForFunction((was) => document.querySelector('#climb h2')?.textContent !== was, {}, before);
};

describe('the pocket page, from a file, without a network', () => {
  it('says for whom it was made and when, and climbs one place at a time', async () => {
    await waitForText(page, 'No-gi.');
    await waitForText(page, 'Made on 20');
    expect(await heading()).toBe('What does he show?');
    await press('De La Riva');
    expect(await heading()).toBe('De La Riva');
    expect(await axeFindings(page)).toEqual([]);
    const first = await page.$eval('.mine .row', (row) => row.textContent!);
    await press(first.slice(0, 12));
    expect(first.endsWith(`→ ${await heading()}`)).toBe(true);
    const rows = await page.$$eval('.row', (all) => all.map((row) => row.getBoundingClientRect().height));
    expect(Math.min(...rows)).toBeGreaterThanOrEqual(48);
    await page.goBack();
    await page.waitForFunction(() => document.querySelector('#climb h2')?.textContent === 'De La Riva');
    await press('Guards');
  });

  it('finds a place by what is seen and by words', async () => {
    await page.type('input[type=search]', 'body lock');
    await waitForText(page, 'Found');
    await clickText(page, 'What do you see?');
    await clickText(page, 'my hands locked round his hips');
    await waitForText(page, 'Best matches');
    expect(await page.$$eval('details .row', (rows) => rows[0]!.textContent)).toBe('Body lock');
    expect(await axeFindings(page)).toEqual([]);
  });

  it('reads as sentences where scripts are blocked, light and dark', async () => {
    await page.setJavaScriptEnabled(false);
    await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
    await page.goto(`file://${file}`);
    const shown = await page.$eval('#reading', (part) => part.getBoundingClientRect().height);
    expect(shown).toBeGreaterThan(2000);
    const words = await page.$eval('body', (body) => body.textContent);
    expect(words).toMatch(/I cut the knee across → Knee cut, shallow/);
    const dark = await page.$eval('body', (body) => getComputedStyle(body).backgroundColor);
    expect(dark).toBe('rgb(27, 25, 22)');
    expect(asked.filter((url) => !url.startsWith('file://'))).toEqual([]);
    expect(errors).toEqual([]);
  });
});
