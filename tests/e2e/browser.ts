import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import puppeteer, { type Browser, type Page } from 'puppeteer-core';

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

export const launch = (): Promise<Browser> =>
  puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    headless: true,
    defaultViewport: { width: 1280, height: 800 },
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--force-color-profile=srgb',
      '--lang=en-US',
    ],
    env: { ...process.env, TZ: 'UTC' },
  });

export interface Watched {
  readonly page: Page;
  /** Errors on the page and requests to anywhere else. */
  readonly trouble: string[];
}

/** A page whose errors, and requests that leave this machine's server, are kept. */
export async function openPage(browser: Browser, baseUrl: string): Promise<Watched> {
  const page = await browser.newPage();
  const trouble: string[] = [];
  page.on('pageerror', (error) => trouble.push(`page error: ${error instanceof Error ? error.message : String(error)}`));
  page.on('console', (message) => {
    if (message.type() === 'error' && !message.text().includes('status of 4')) trouble.push(`console: ${message.text()}`);
  });
  page.on('request', (request) => {
    if (!request.url().startsWith(baseUrl) && !/^(data|blob|about):/.test(request.url())) trouble.push(`request: ${request.url()}`);
  });
  // A page that asks before it is left would wait for ever: it had not stored something.
  page.on('dialog', (dialog) => {
    trouble.push(`dialog: ${dialog.type()} ${dialog.message()}`);
    void dialog.accept();
  });
  return { page, trouble };
}

/** What axe-core finds against WCAG 2.2 A and AA and best practice, of any impact. */
export async function axeFindings(page: Page): Promise<string[]> {
  await page.evaluate(axeSource);
  return page.evaluate(async () => {
    const { axe } = window as unknown as { axe: typeof import('axe-core') };
    const { violations } = await axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] });
    return violations.map(
      (item) =>
        `${item.id}: ${item.nodes
          .slice(0, 3)
          .map((node) => node.html.slice(0, 160))
          .join(' | ')}`,
    );
  });
}

export const type = async (page: Page, text: string): Promise<void> => {
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
};
export const waitForText = (page: Page, text: string) =>
  page.waitForFunction((wanted) => document.body.innerText.toLowerCase().includes(wanted.toLowerCase()), { timeout: 15_000 }, text);
export const clickText = async (page: Page, text: string): Promise<void> => {
  const handle = await page.waitForFunction(
    (wanted) =>
      // What stands in the folded menu, too, is pressed where it is seen.
      [...document.querySelectorAll<HTMLElement>('button, a, summary, label')].find(
        (element) => element.textContent?.trim().startsWith(wanted) && element.checkVisibility(),
      ),
    { timeout: 15_000 },
    text,
  );
  await (handle.asElement() as import('puppeteer-core').ElementHandle<HTMLElement>).click();
};

/** Begins a tree on the first page of an empty gym, under the usual name. */
export const beginTree = async (page: Page, baseUrl: string): Promise<void> => {
  await page.goto(baseUrl, { waitUntil: 'networkidle0' });
  await clickText(page, 'Begin it');
  await page.waitForSelector('[aria-label^="Name the guard"]', { timeout: 15_000 });
};

const clickOption = async (page: Page, words: string): Promise<void> => {
  const option = await page.waitForFunction(
    (wanted) => [...document.querySelectorAll<HTMLElement>('[role=option]')].find((item) => item.textContent?.startsWith(wanted)),
    { timeout: 15_000 },
    words,
  );
  await (option.asElement() as import('puppeteer-core').ElementHandle<HTMLElement>).click();
};
/** Takes one of a few, by the words of the option, with the keyboard and the pointer. */
export const choose = async (page: Page, label: string, words: string): Promise<void> => {
  const field = await page.waitForSelector(`button[role=combobox][aria-label="${label}"]`, { timeout: 15_000 });
  await field!.focus();
  await page.keyboard.press('Enter');
  await clickOption(page, words);
  await page.waitForSelector(`button[role=combobox][aria-label="${label}"][aria-expanded=false]`);
};
/** Takes one of many, found by typing. */
export const pick = async (page: Page, label: string, words: string): Promise<void> => {
  const field = await page.waitForSelector(`button[aria-haspopup=dialog][aria-label^="${label}"]`, { timeout: 15_000 });
  await field!.click();
  await page.waitForSelector(`input[role=combobox][aria-label="${label}"]`);
  await page.keyboard.type(words);
  await clickOption(page, words);
};

/** How many pages a PDF has. */
export const pagesOf = (pdf: Uint8Array): number =>
  (
    Buffer.from(pdf)
      .toString('latin1')
      .match(/\/Type\s*\/Page\b/g) ?? []
  ).length;

/** The screen says that everything is stored. */
export const waitForStored = (page: Page) =>
  page.waitForFunction(() => [...document.querySelectorAll('[role=status]')].some((element) => element.textContent === 'stored'), {
    timeout: 15_000,
  });
