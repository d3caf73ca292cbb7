import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { axeFindings, clickText, waitForStored, waitForText } from './browser';
import { closeSession, openSession } from './session';
import type { Started } from './server';

let server: Started;
let browser: Browser;
let page: Page;
let trouble: string[];

beforeAll(async () => {
  ({ server, browser, page, trouble } = await openSession([]));
});
afterAll(() => closeSession({ server, browser }));

const open = (path: string) => page.goto(`${server.baseUrl}${path}`, { waitUntil: 'networkidle0' });
const field = (label: string) =>
  page.waitForSelector(`::-p-xpath(//label[normalize-space()="${label}"]/following-sibling::input)`) as Promise<
    import('puppeteer-core').ElementHandle<HTMLInputElement>
  >;
/** Digit by digit, as it is typed; Enter keeps it. */
const type = async (label: string, text: string): Promise<void> => {
  await (await field(label)).click();
  await page.keyboard.type(text, { delay: 20 });
  await page.keyboard.press('Enter');
};
const settled = async () =>
  ((await (await fetch(`${server.baseUrl}/api/documents/settings/settings`)).json()) as { document: object }).document;

describe('what our gym has settled', () => {
  it('is typed, kept, taken back with Ctrl+Z, and a number that cannot be says so and is not kept', async () => {
    await open('/rules/league-evening');
    await clickText(page, 'What we have settled');
    await type('An adult from the age of', '12');
    await waitForStored(page);
    expect(await settled()).toMatchObject({ adultAge: 12 });
    expect(await axeFindings(page)).toEqual([]);
    await type('Half is gone after (days)', '0');
    await waitForText(page, 'Half is gone after (days) is a number from 1 to 365.');
    await page.keyboard.press('Escape');
    await type('Half is gone after (days)', '21');
    await waitForText(page, 'Half of a move is gone 21 days after the first good session, 34 after the second, 54 after the third.');
    await waitForStored(page);
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.down('Control');
    await page.keyboard.press('z');
    await page.keyboard.up('Control');
    await waitForText(page, 'Half of a move is gone 14 days');
    await waitForStored(page);
    expect(await settled()).toEqual({ id: 'settings', name: 'Our gym', adultAge: 12 });
  });
  it('counts in who is a minor', async () => {
    await open('/class/league-evening');
    const comes = () => page.$$eval('label', (all) => all.map((item) => item.textContent ?? '').filter((text) => /under \d+/.test(text)));
    expect(await comes()).toEqual([]);
  });
  it('is seen in another window when it is looked at again', async () => {
    const other = await browser.newPage();
    await other.goto(`${server.baseUrl}/rules/league-evening`, { waitUntil: 'networkidle0' });
    await clickText(other, 'What we have settled');
    await page.bringToFront();
    await open('/rules/league-evening');
    await clickText(page, 'What we have settled');
    await type('An adult from the age of', '16');
    await waitForStored(page);
    await other.bringToFront();
    await other.waitForFunction(() => [...document.querySelectorAll('input')].some(({ value }) => value === '16'));
    await other.close();
    await page.bringToFront();
  });
});

describe('a unit for the other side', () => {
  it('comes after the first, each on one side, once', async () => {
    await open('/class/league-evening');
    const before = (await page.$$('[data-unit]')).length;
    await clickText(page, 'Part: I step over to the flat side');
    await clickText(page, 'Take it in mirrored, too');
    await waitForText(page, 'Part: I step over to the flat side, mirrored');
    await waitForStored(page);
    expect(await page.$$('[data-unit]')).toHaveLength(before + 1);
    expect(await page.evaluate(() => document.body.innerText.includes('Take it in mirrored, too'))).toBe(false);
    await clickText(page, 'Part: I step over to the flat side, mirrored');
    await waitForText(page, 'partners.');
    expect(await axeFindings(page)).toEqual([]);
  });
});

describe('what is due', () => {
  it('is picked by its words, planned for, and kept for the next time', async () => {
    await open('/course/league-evening');
    await clickText(page, 'To come again by a day');
    await clickText(page, 'pick a move');
    await page.keyboard.type('fold the shield', { delay: 20 });
    await waitForText(page, 'I fold the shield with my hip, from Knee shield');
    await page.keyboard.press('Enter');
    await waitForText(page, 'I fold the shield with my hip by');
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'Plan them');
    await page.waitForFunction(() => document.body.innerText.includes('All these classes together are worth'), { timeout: 90_000 });
    await open('/course/league-evening');
    await waitForText(page, 'To come again by a day … (1)');
    expect(await page.$$eval('main ol', (all) => all.some((item) => item.textContent?.includes('I fold the shield with my hip')))).toBe(
      true,
    );
  });
  it('met no error', () => expect(trouble).toEqual([]));
});
