import { mkdir } from 'node:fs/promises';
import type { Page } from 'puppeteer-core';
import { clickText, launch, waitForText } from '../tests/e2e/browser';
import { removeFolder, startServer } from '../tests/e2e/server';

interface Picture {
  readonly name: string;
  readonly path: string;
  readonly size?: readonly [number, number];
  readonly before?: (page: Page) => Promise<void>;
}
const TREE = 'league-evening';
const twoTicks = async (page: Page): Promise<void> => {
  await clickText(page, 'open, pointing at me');
  await clickText(page, 'two hooks under my thighs');
};
const caretOpen = async (page: Page): Promise<void> => {
  await page.$eval('[data-broken]', (section) => section.dispatchEvent(new MouseEvent('click', { bubbles: true })));
  await page.waitForSelector('input[aria-label="What I do then"]');
  await page.keyboard.type('step over the leg');
  await page.keyboard.press('Enter');
  await page.waitForSelector('input[aria-label^="Where it lands"]');
  await page.keyboard.type('leg');
};
const outlineOpen = async (page: Page): Promise<void> => {
  await clickText(page, 'As an outline');
  await page.waitForSelector('textarea');
  await page.$eval('textarea', (area) => area.setSelectionRange(area.value.length, area.value.length));
  await page.focus('textarea');
  await page.keyboard.type('  he waits, often\nI step over → Hedquarters');
  await page.waitForFunction(() => document.body.innerText.includes('becomes a new place'));
};
const someSteps = async (page: Page): Promise<void> => {
  for (let step = 2; step <= 7; step++) {
    await page.waitForFunction((at) => document.body.innerText.includes(`step ${at} of`), {}, step - 1);
    await clickText(page, 'Next');
  }
};
const proposed = async (page: Page): Promise<void> => {
  await page.click('[role=tab]:nth-of-type(2)');
  await page.waitForFunction(() => [...document.querySelectorAll('button')].some((item) => item.textContent === 'Propose'));
  await page.evaluate(() =>
    [...document.querySelectorAll('button')].find((item) => item.textContent === 'Propose' && item.getAttribute('role') !== 'tab')!.click(),
  );
  await waitForText(page, 'Take this class');
};
const weeksPlanned = async (page: Page): Promise<void> => {
  await clickText(page, 'Plan them');
  await page.waitForFunction(
    () => document.body.innerText.includes('week of') && document.body.innerText.includes('All these classes together'),
    {
      timeout: 120_000,
    },
  );
};
const PICTURES: readonly Picture[] = [
  { name: 'week', path: '/', before: async (page) => void (await waitForText(page, 'All 34, and')) },
  { name: 'board', path: `/board/${TREE}?show=tree&at=headquarters` },
  { name: 'hub', path: `/board/${TREE}?show=hub&at=headquarters` },
  { name: 'caret', path: `/board/${TREE}?show=guard&at=headquarters`, before: caretOpen },
  { name: 'route', path: `/board/${TREE}?show=route` },
  { name: 'walk', path: `/board/${TREE}?at=headquarters`, size: [390, 844] },
  { name: 'outline', path: `/board/${TREE}?show=guard&at=headquarters`, before: outlineOpen },
  { name: 'finder', path: `/finder/${TREE}`, size: [390, 844], before: twoTicks },
  { name: 'catalogue', path: `/catalogue/${TREE}?at=knee-shield-high` },
  { name: 'people', path: `/rules/${TREE}`, before: (page) => clickText(page, 'Oren Vask') },
  { name: 'grips', path: `/grips/${TREE}?at=half-below-i-come-up-on-the-single-leg-to-the-lock`, before: (page) => page.click('#step-6') },
  { name: 'odds', path: `/odds/${TREE}`, before: async (page) => void (await page.waitForSelector('[data-margin]')) },
  { name: 'plan', path: `/plan/${TREE}?who=oren-vask`, before: async (page) => void (await waitForText(page, 'what to leave')) },
  { name: 'round', path: `/board/${TREE}?show=hub&at=collar-sleeve&round=1`, before: someSteps },
  { name: 'class', path: `/class/${TREE}`, before: (page) => page.click('[data-unit]') },
  { name: 'proposal', path: `/class/${TREE}`, before: proposed },
  { name: 'pairs', path: `/class/${TREE}`, before: (page) => page.click('[role=tab]:nth-of-type(3)') },
  { name: 'course', path: `/course/${TREE}`, before: weeksPlanned },
  { name: 'class-sheet', path: `/class/${TREE}/sheet`, size: [1280, 1100] },
];
const FOLDER = 'docs/screenshots';

/** Starts a fresh demo gym and takes the README's pictures from it: npm run pictures [NAME...] */
export async function main(names: readonly string[]): Promise<number> {
  await mkdir(FOLDER, { recursive: true });
  const server = await startServer([]);
  const browser = await launch();
  try {
    for (const picture of PICTURES.filter(({ name }) => names.length === 0 || names.includes(name))) {
      const page = await browser.newPage();
      const [width, height] = picture.size ?? [1280, 800];
      await page.setViewport({ width, height });
      await page.goto(server.baseUrl + picture.path, { waitUntil: 'networkidle0' });
      await page.waitForFunction(() => document.querySelector('[aria-busy="true"]') === null, { timeout: 15_000 });
      await picture.before?.(page);
      await new Promise((resolve) => setTimeout(resolve, 600));
      await page.screenshot({ path: `${FOLDER}/${picture.name}.png` });
      await page.close();
      console.log(`${FOLDER}/${picture.name}.png`);
    }
    return 0;
  } finally {
    await browser.close();
    await server.stop();
    await removeFolder(server.data);
  }
}
