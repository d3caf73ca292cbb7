import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { axeFindings, choose, clickText, waitForStored, waitForText } from './browser';
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

const tab = async (words: string): Promise<void> => {
  const found = await page.waitForFunction(
    (wanted) => [...document.querySelectorAll<HTMLElement>('[role=tab]')].find((item) => item.textContent === wanted),
    {},
    words,
  );
  await (found.asElement() as import('puppeteer-core').ElementHandle<HTMLElement>).click();
};
const press = async (words: string): Promise<void> => {
  const found = await page.waitForFunction(
    (wanted) => [...document.querySelectorAll<HTMLElement>('button:not([role=tab])')].find((item) => item.textContent?.trim() === wanted),
    { timeout: 15_000 },
    words,
  );
  await (found.asElement() as import('puppeteer-core').ElementHandle<HTMLElement>).click();
};
/** The units of the rail, from the first to the last. */
const rail = (): Promise<string[]> => page.$$eval('[data-unit]', (all) => all.map((item) => item.getAttribute('data-unit')!).toReversed());

/** Until the rail is in this order: an undo takes a moment. */
const waitForRail = (wanted: readonly string[]) =>
  page.waitForFunction(
    (text) =>
      JSON.stringify([...document.querySelectorAll('[data-unit]')].map((item) => item.getAttribute('data-unit')).reverse()) === text,
    {},
    JSON.stringify(wanted),
  );

describe('a class for thirteen, from the demo', () => {
  it('is proposed with reasons, taken as one step, and undone as one', async () => {
    await page.goto(`${server.baseUrl}/class/league-evening`, { waitUntil: 'networkidle0' });
    expect(await rail()).toHaveLength(4);
    const before = await rail();
    await tab('Propose');
    await press('Propose');
    // Seconds of the server's work, or more beside others.
    await page.waitForFunction(() => document.body.innerText.includes('A clearly different one'), { timeout: 60_000 });
    await waitForText(page, 'in 100 rounds');
    expect(await axeFindings(page)).toEqual([]);
    await press('Take this class');
    await waitForStored(page);
    const after = await rail();
    expect(after).not.toEqual(before);
    expect(after.length).toBeGreaterThan(2);
    expect(Number(await page.$eval('[data-total]', (item) => item.getAttribute('data-total')))).toBeLessThanOrEqual(60);
    await clickText(page, 'Undo');
    await waitForRail(before);
    await waitForStored(page);
  });
  it('is sorted with the keyboard by the handle, and what is too early says so', async () => {
    const before = await rail();
    const handle = await page.waitForSelector(`button[aria-label^="Move ${before.at(-1)}"]`);
    await handle!.focus();
    // The list measures itself before it hears the next key.
    const settled = () => new Promise((done) => setTimeout(done, 400));
    const heard = (words: string) =>
      page.waitForFunction((wanted) => document.querySelector('[id^=DndLiveRegion]')?.textContent?.includes(wanted), {}, words);
    await page.keyboard.press('Space');
    await heard('is taken up');
    await settled();
    await page.keyboard.press('ArrowDown');
    await heard('At place 3 of 4');
    await settled();
    await page.keyboard.press('Space');
    await waitForRail([before[0]!, before[1]!, before[3]!, before[2]!]);
    await waitForText(page, 'to look at');
    await clickText(page, 'Undo');
    await waitForRail(before);
    await waitForStored(page);
  });
  it('is sorted by drag', async () => {
    const before = await rail();
    const pause = () => new Promise((done) => setTimeout(done, 300));
    await pause();
    const boxes = await page.$$('button[aria-label^="Move "]');
    const [top, second] = [await boxes[0]!.boundingBox(), await boxes[1]!.boundingBox()];
    await page.mouse.move(top!.x + 10, top!.y + 10);
    await page.mouse.down();
    await page.mouse.move(second!.x + 10, second!.y + 40, { steps: 12 });
    await pause();
    await page.mouse.up();
    await page.waitForFunction((last) => document.querySelector('[data-unit]')!.getAttribute('data-unit') !== last, {}, before.at(-1)!);
    // The press that ends a drag is nobody's click, nor is the next at once.
    await pause();
    await clickText(page, 'Undo');
    await waitForRail(before);
    await waitForStored(page);
  });
  it('reckons the round on few mats, in turn or with the winner staying', async () => {
    await page.click('[data-unit^="Round"]');
    const total = (): Promise<number> => page.$eval('[data-total]', (item) => Number(item.getAttribute('data-total')));
    const before = await total();
    await page.focus('[aria-label="Side sheet"] h3 ~ div input');
    await page.keyboard.type('3');
    await page.keyboard.press('Enter');
    await waitForText(page, '6 groups on 3 mats: 2 turns');
    expect(await total()).toBeGreaterThan(before);
    await clickText(page, 'winner stays');
    await waitForText(page, 'Played out once');
    expect(await total()).toBe(before);
    await clickText(page, 'Undo');
    await clickText(page, 'Undo');
    await waitForStored(page);
    expect(await total()).toBe(before);
  });
  it('pairs everybody, juniors with juniors, and keeps what is swapped by hand', async () => {
    await tab('Pairs');
    await waitForText(page, 'Milo Strand');
    const first = (): Promise<string> => page.$eval('aside section', (item) => (item as HTMLElement).innerText.replace(/\s+/g, ' '));
    expect(await first()).toMatch(/Milo Strand with Esa Birk|Esa Birk with Milo Strand/);
    const was = await first();
    const [one, , , other] = await page.$$('aside section:first-of-type button');
    await one!.click();
    await other!.click();
    await waitForStored(page);
    await page.waitForFunction(
      (text) => (document.querySelector('aside section') as HTMLElement).innerText.replace(/\s+/g, ' ') !== text,
      {},
      was,
    );
    const now = await first();
    await page.reload({ waitUntil: 'networkidle0' });
    await tab('Pairs');
    expect(await first()).toBe(now);
    expect(await axeFindings(page)).toEqual([]);
  });
  it('is written down in a minute, once, and stands among those that were held', async () => {
    await tab('After class');
    await choose(page, 'How it went: round: Body lock', 'left out');
    await clickText(page, 'Opens the lock before the hook is dead');
    await choose(page, 'Whose: Opens the lock before the hook is dead', 'Wanda Ry');
    expect(await axeFindings(page)).toEqual([]);
    await press('Write it down');
    await page.waitForFunction(() =>
      [...document.querySelectorAll('aside summary')].some((item) => item.textContent?.includes('Next class')),
    );
    const { held } = (await (await fetch(`${server.baseUrl}/api/trees/league-evening/held`)).json()) as {
      held: { name: string; units: { went: string }[]; mistakes: object[] }[];
    };
    expect(held.filter(({ name }) => name === 'Next class')).toHaveLength(1);
    expect(held.at(-1)!.mistakes).toMatchObject([{ athlete: 'wanda-ry', error: 'Opens the lock before the hook is dead' }]);
    expect(held.at(-1)!.units.map(({ went }) => went)).toEqual(['well', 'well', 'well', 'not']);
  });
  it('met no error', () => {
    expect(trouble).toEqual([]);
  });
});

describe('what is sent', () => {
  it('is a PDF of the cards and a page for the pocket; a class that is not there is said so', async () => {
    const of = (path: string) => fetch(`${server.baseUrl}/api/trees/league-evening/${path}`);
    const cards = await of('cards');
    expect([cards.status, cards.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    const pocket = await of('classPocket');
    expect(pocket.headers.get('content-disposition')).toMatch(/^attachment/);
    expect(await pocket.text()).toContain('<h1>');
    for (const path of ['cards', 'classPocket', 'sheet']) expect((await of(`${path}?class=constructor`)).status).toBe(404);
  });
});

describe('a course', () => {
  interface Planned {
    readonly id: string;
    readonly date?: string;
    readonly units: readonly { kind: string; of: readonly string[]; work?: number }[];
    readonly fromCourse?: boolean;
  }
  const planned = async (): Promise<Planned[]> => {
    const response = await fetch(`${server.baseUrl}/api/documents/class?whole`);
    const { documents } = (await response.json()) as { documents: { document: Planned }[] };
    return documents.map(({ document }) => document).filter(({ date }) => date !== undefined);
  };
  const planWeeks = async (words: string): Promise<void> => {
    await press(words);
    await page.waitForFunction(() => [...document.querySelectorAll('button')].some((item) => item.textContent === 'Stop'));
    await page.waitForFunction(() => ![...document.querySelectorAll('button')].some((item) => item.textContent === 'Stop'), {
      timeout: 90_000,
    });
  };
  it('is planned as a whole, says what it is worth and what no course could be, nothing twice within its gap, and goes out as a calendar', async () => {
    await page.goto(`${server.baseUrl}/course/league-evening`, { waitUntil: 'networkidle0' });
    await waitForText(page, 'No class has a day yet');
    await planWeeks('Plan them');
    await page.waitForFunction(() => document.querySelectorAll('main ol > li').length >= 4);
    await waitForText(page, 'All these classes together are worth');
    const classes = await planned();
    expect(classes).toHaveLength(8);
    for (const [i, a] of classes.entries())
      for (const b of classes.slice(i + 1))
        if (Math.abs(Date.parse(a.date!) - Date.parse(b.date!)) < 6 * 86_400_000)
          for (const unit of a.units)
            expect(b.units.map(({ kind, of }) => JSON.stringify([kind, of]))).not.toContain(JSON.stringify([unit.kind, unit.of]));
    expect(await axeFindings(page)).toEqual([]);
    const calendar = await (await fetch(`${server.baseUrl}/api/trees/league-evening/calendar`)).text();
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(8);
  });
  it('given up, or where nobody answers, leaves all as it was, and the screen, too', async () => {
    const before = await planned();
    await page.goto(`${server.baseUrl}/course/league-evening`, { waitUntil: 'networkidle0' });
    await press('Plan them again');
    await waitForText(page, 'Trying courses:');
    await press('Stop');
    await page.waitForFunction(() => ![...document.querySelectorAll('button')].some((item) => item.textContent === 'Stop'));
    await page.setRequestInterception(true);
    const cut = (request: import('puppeteer-core').HTTPRequest) =>
      void (request.method() === 'POST' ? request.abort() : request.continue());
    page.on('request', cut);
    await press('Plan them again');
    await waitForText(page, 'The server does not answer.');
    page.off('request', cut);
    await page.setRequestInterception(false);
    expect(await page.evaluate(() => document.querySelectorAll('main ol > li').length)).toBeGreaterThanOrEqual(4);
    expect(await planned()).toEqual(before);
  });
  it('planned again keeps what was changed by hand', async () => {
    const [first] = (await planned()).toSorted((a, b) => (a.date! < b.date! ? -1 : 1));
    await page.goto(`${server.baseUrl}/class/league-evening?class=${first!.id}`, { waitUntil: 'networkidle0' });
    await page.click('[data-unit]');
    await press('Later');
    await waitForStored(page);
    const mine = (await planned()).find(({ id }) => id === first!.id)!;
    expect(mine.fromCourse).toBeUndefined();
    await page.goto(`${server.baseUrl}/course/league-evening`, { waitUntil: 'networkidle0' });
    await planWeeks('Plan them again');
    const after = await planned();
    expect(after).toHaveLength(8);
    expect(after.find(({ id }) => id === mine.id)).toEqual(mine);
  });
});

describe('a proposal that cannot be', () => {
  const ask = async (plan: object, more: object = {}) => {
    const body = {
      plan: { slotMinutes: 60, people: 12, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0, units: [], ...plan },
      theme: null,
      musts: [],
      mustNots: [],
      mostNew: null,
      ...more,
    };
    const response = await fetch(`${server.baseUrl}/api/trees/league-evening/propose`, { method: 'POST', body: JSON.stringify(body) });
    return { status: response.status, value: (await response.json()) as { proposals?: unknown[]; notMet?: string[]; problems?: string[] } };
  };
  it('says what cannot be met, and the slot that would do', async () => {
    expect(await ask({ slotMinutes: 12 })).toMatchObject({
      status: 200,
      value: { proposals: [], notMet: [expect.stringMatching(/needs a slot of \d+/)] },
    });
    expect(await ask({ slotMinutes: 0 })).toMatchObject({ status: 400 });
    expect(await ask({ people: 1 })).toMatchObject({ status: 400 });
    const musts = [{ kind: 'move', of: ['body-lock-i-step-over-to-the-flat-side'], work: 60 }];
    expect((await ask({}, { musts })).value.proposals!.length).toBeGreaterThan(0);
    expect((await ask({}, { musts: [{ kind: 'move', of: ['constructor'] }] })).value.notMet!.join()).toContain('not in the tree');
    expect((await ask({}, { theme: { place: '..' } })).value.proposals!.length).toBeGreaterThan(0);
  });
});
