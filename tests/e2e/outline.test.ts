import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { choose, clickText, axeFindings, waitForStored, waitForText } from './browser';
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

const AREA = 'textarea[aria-label="Outline, line by line"]';
const open = async (search: string): Promise<void> => {
  await page.goto(`${server.baseUrl}/board/league-evening${search}`, { waitUntil: 'networkidle0' });
  await clickText(page, 'As an outline');
  await page.waitForSelector(AREA);
};
const fill = (text: string) =>
  page.$eval(
    AREA,
    (area, to) => {
      const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!;
      set.call(area, to);
      area.dispatchEvent(new Event('input', { bubbles: true }));
    },
    text,
  );
const lines = () => page.$eval(AREA, (area) => (area as HTMLTextAreaElement).value);
const file = async () =>
  (await (await fetch(`${server.baseUrl}/api/trees/league-evening/file`)).json()) as {
    positions: { name: string }[];
    transitions: { name: string }[];
  };
const enabled = () =>
  page.waitForFunction(() =>
    [...document.querySelectorAll('button')].some(
      (button) => /^Put (it|the changes) in$/.test(button.textContent ?? '') && !button.disabled,
    ),
  );

describe('the outline beside the board', () => {
  it('is pasted with a preview, put in as one step, and undone as one', async () => {
    await open('');
    await fill('Tide guard\n  he frames, often\n    I wade round → Side pin\n  he waits\nHedquarters\n  walks');
    await waitForText(page, 'Line 6: “walks” is neither what he shows');
    await waitForText(page, '“Hedquarters” becomes a new place; “Headquarters” is there.');
    expect(await axeFindings(page)).toEqual([]);
    await fill('Tide guard\n  he frames, often\n    I wade round → Side pin\n  he waits');
    await waitForText(page, 'Tide guard: he waits');
    await enabled();
    await clickText(page, 'Put it in');
    await page.waitForSelector('[data-rung="tide-guard"]');
    await waitForStored(page);
    expect((await file()).positions.map(({ name }) => name)).toContain('Tide guard');
    await clickText(page, 'Undo');
    await waitForStored(page);
    expect((await file()).positions.map(({ name }) => name)).not.toContain('Tide guard');
  });
  it('lines pasted where a guard is named are an outline', async () => {
    await page.goto(`${server.baseUrl}/board/league-evening`, { waitUntil: 'networkidle0' });
    await clickText(page, 'Draw another guard');
    await page.waitForSelector('input[aria-label="Name the guard he shows"]');
    await page.evaluate(() => {
      const data = new DataTransfer();
      data.setData('text', 'Reef guard\n  he waits');
      document.activeElement!.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    });
    await page.waitForSelector(AREA);
    expect(await lines()).toBe('Reef guard\n  he waits');
    await waitForText(page, 'Reef guard: he waits');
    await page.focus(AREA);
    await page.keyboard.press('Escape');
    await page.waitForFunction((area) => document.querySelector(area) === null, {}, AREA);
    await clickText(page, 'As an outline');
    await page.waitForSelector(AREA);
    expect(await lines()).toBe('Reef guard\n  he waits');
  });
  it('of a place is changed in place; Enter keeps the indent; what was typed is there again', async () => {
    await open('?show=guard&at=headquarters');
    const before = await file();
    expect(await lines()).toContain('Headquarters\n  - family: hub');
    await page.focus(AREA);
    await page.keyboard.down('Control');
    await page.keyboard.press('End');
    await page.keyboard.up('Control');
    await page.keyboard.press('Backspace');
    await page.keyboard.press('Enter');
    for (let i = 0; i < 2; i++) await page.keyboard.press('Backspace');
    await page.keyboard.type('he sneezes');
    await page.keyboard.press('Enter');
    await page.keyboard.type('I wait → .');
    expect(await lines()).toMatch(/\n {2}he sneezes\n {4}I wait → \.$/);
    await choose(page, 'Of', 'The whole tree');
    await choose(page, 'Of', 'This place');
    expect(await lines()).toContain('he sneezes');
    await enabled();
    await page.focus(AREA);
    await page.keyboard.down('Control');
    await page.keyboard.press('Enter');
    await page.keyboard.up('Control');
    await page.waitForFunction(
      () =>
        document.querySelector('textarea')?.value.includes('he sneezes') &&
        ![...document.querySelectorAll('button')].some((button) => button.textContent === 'As it is in the tree'),
    );
    await waitForStored(page);
    const after = await file();
    expect(after.transitions).toHaveLength(before.transitions.length + 1);
    expect(after.transitions.filter(({ name }) => name !== 'wait')).toEqual(before.transitions);
    await page.focus(AREA);
    await page.keyboard.type(' ');
    await clickText(page, 'Undo');
    await waitForText(page, 'was changed in the tree since you began');
    await clickText(page, 'Redo');
    await page.waitForFunction(() => !document.body.innerText.includes('since you began'));
    await page.focus(AREA);
    await page.keyboard.press('Escape');
    await page.waitForFunction((area) => document.querySelector(area) === null, {}, AREA);
    expect(trouble).toEqual([]);
  });
});
