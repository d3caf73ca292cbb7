import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { TreeDocument } from '@/core/tree';
import { choose, clickText, pagesOf, axeFindings, type, waitForText, waitForStored } from './browser';
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

const go = (path: string) => page.goto(server.baseUrl + path, { waitUntil: 'networkidle0' });
const stored = () => waitForStored(page);
const LINE = 'input[role=combobox]';
const stepCount = (count: number) =>
  page.waitForFunction((wanted) => document.querySelectorAll('article thead th').length === wanted, {}, count);
const lineIs = (text: string) =>
  page.waitForFunction((selector, wanted) => document.querySelector<HTMLInputElement>(selector)?.value === wanted, {}, LINE, text);
const say = async (text: string): Promise<void> => {
  await page.click(LINE, { clickCount: 3 });
  await type(page, text);
};
type Move = TreeDocument['transitions'][number];
const transitions = async (): Promise<readonly Move[]> =>
  ((await (await fetch(`${server.baseUrl}/api/trees/league-evening/file`)).json()) as { transitions: Move[] }).transitions;
/** A labelled line of the desk, emptied and typed anew. */
const fill = async (label: string, text: string): Promise<void> => {
  const input = await page.evaluateHandle(
    (wanted) => [...document.querySelectorAll('label')].find((item) => item.textContent?.startsWith(wanted))?.querySelector('input'),
    label,
  );
  await (input.asElement() as import('puppeteer-core').ElementHandle<HTMLInputElement>).click({ clickCount: 3 });
  await type(page, text);
};

describe('the grip desk', () => {
  it('is reached from the board; steps are typed, copied forward, and a double booking is found and set aside', async () => {
    await go('/board/league-evening?show=hub&at=spider');
    await clickText(page, 'I lift the elbow and unwind');
    await clickText(page, 'Grips');
    await page.waitForSelector('article[aria-label="I lift the elbow and unwind"]');
    await say('left hand far sleeve cuff, right hand near ankle inside');
    await waitForText(page, 'near ankle inside');
    await lineIs('');
    await page.keyboard.press('Enter');
    await stepCount(2);
    await say('right hand wing');
    await waitForText(page, 'holds “wing”, which is no known spot');
    await say('wing far hip');
    await waitForText(page, 'begin with what holds');
    await say('right hand far hip, right hand also far knee');
    await waitForText(page, 'Step 2: right hand holds far hip and far knee at once');
    await clickText(page, 'Other side');
    await waitForText(page, 'Step 2: left hand holds far hip and far knee at once');
    await clickText(page, 'Without the cloth');
    await waitForText(page, 'Step 1: right hand far sleeve cuff → no substitute');
    await clickText(page, 'Other side');
    await clickText(page, 'Without the cloth');
    await clickText(page, 'Set aside …');
    await type(page, 'one hand slides from hip to knee');
    await waitForText(page, 'Set aside 1');
    expect(await axeFindings(page)).toEqual([]);
    await stored();
  });

  it('completes what is typed, and a limb and a spot can be pressed on the drawn pair', async () => {
    await page.click(LINE);
    await page.keyboard.type('left kn');
    await page.waitForFunction(() => document.querySelector('[role=option]')?.textContent?.startsWith('left knee'));
    await page.keyboard.press('Tab');
    await lineIs('left knee ');
    await page.keyboard.type('near thigh ins');
    await page.keyboard.press('Escape');
    await page.keyboard.type('ide: wedge');
    await page.keyboard.press('Enter');
    await waitForText(page, 'left knee');
    await lineIs('');
    await page.evaluate(() => document.querySelector('[data-limb="head"]')!.dispatchEvent(new MouseEvent('click', { bubbles: true })));
    await lineIs('head ');
    await page.evaluate(() => document.querySelector('[data-spot="far hip"]')!.dispatchEvent(new MouseEvent('click', { bubbles: true })));
    await lineIs('head far hip');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelector('article svg')?.getAttribute('aria-label')?.includes('head far hip'));
    await page.keyboard.press('PageUp');
    await page.waitForFunction(() => document.querySelector('article svg')?.getAttribute('aria-label')?.startsWith('Step 1: '));
    await clickText(page, 'Play the steps');
    await page.waitForFunction(() => document.querySelector('article svg')?.getAttribute('aria-label')?.startsWith('Step 2: '), {
      timeout: 5000,
    });
    await stored();
  });

  it('finds an early release by a typed rule, says what it does not understand, and undoes', async () => {
    await fill('A rule over the steps', 'hold on tight');
    await waitForText(page, '“hold on tight”: a rule reads');
    await fill('A rule over the steps', 'from step 1 to 2: right hand near ankle');
    await waitForText(page, 'Step 2: “from step 1 to 2: right hand near ankle” is not kept');
    await clickText(page, 'Undo');
    await page.waitForFunction(() => !document.body.textContent?.includes('is not kept'));
    await clickText(page, 'Redo');
    await waitForText(page, 'is not kept');
    await fill('Blocked while he has all these grips', 'his left hand collar, his right hand sleeve cuff; his left foot near hip');
    await stored();
    const transition = (await transitions()).find((item) => item.name.includes('lift the elbow'))!;
    expect(transition.blockedBy).toHaveLength(2);
    expect(transition.contactRules).toMatchObject([{ kind: 'hold', fromStep: 1, toStep: 2 }]);
  });

  it('finds a move from the keyboard and takes what usually serves without the cloth', async () => {
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press('/');
    await type(page, 'collar strip');
    await page.waitForSelector('article[aria-label="I strip the sleeve"]');
    await page.waitForFunction(() => document.activeElement?.id === 'holds');
    await clickText(page, 'Take far wrist, which usually serves');
    await waitForText(page, 'serves: far wrist');
    await clickText(page, 'Without the cloth');
    await page.waitForFunction(() => !document.querySelector('table')?.textContent?.includes('far sleeve cuff'));
    await clickText(page, 'Without the cloth');
    await stored();
  });

  it('writes a branch for the other side, and twice is the original', async () => {
    const before = await transitions();
    await go('/grips/league-evening?place=legs-thrown');
    await choose(page, 'Write for the other side', 'this and all that hangs on it');
    await clickText(page, 'Turn it round');
    await waitForText(page, 'is now written for the other side');
    await stored();
    await clickText(page, 'Turn it round');
    await stored();
    expect(await transitions()).toEqual(before);
    await go('/grips/league-evening?at=headquarters-i-fold-the-shin-outside');
    await clickText(page, 'This move belongs to one side');
    await stored();
    await clickText(page, 'Other side');
    await waitForText(page, 'This move belongs to one side, so it stays as it is');
    await clickText(page, 'Other side');
    await clickText(page, 'Undo');
    await stored();
    await choose(page, 'Write for the other side', 'the whole tree');
    await clickText(page, 'Turn it round');
    await stored();
    const flipped = (await transitions()).find((item) => item.id === 'headquarters-i-cut-the-knee-across')!;
    expect(flipped.steps![0]!.contacts[0]).toMatchObject({ part: 'rightHand' });
    await clickText(page, 'Undo');
    await stored();
    expect(await transitions()).toEqual(before);
  });

  it('keeps what was typed while the server does not answer, and puts it on what another window has stored meanwhile', async () => {
    await go('/grips/league-evening?at=spider-i-circle-the-foot-off');
    const other = await browser.newPage();
    await other.goto(`${server.baseUrl}/grips/league-evening?at=spider-i-circle-the-foot-off`, { waitUntil: 'networkidle0' });
    await other.click(LINE);
    await type(other, 'left hand far wrist');
    await waitForStored(other);
    await waitForText(other, 'far wrist');
    await other.close();
    await page.setOfflineMode(true);
    await say('right hand far knee');
    await waitForText(page, 'The server does not answer. What you did is kept here');
    await page.waitForFunction(() =>
      [...document.querySelectorAll('[role=status]')].some((element) => element.textContent === 'not stored yet'),
    );
    await lineIs('');
    await page.setOfflineMode(false);
    await stored();
    // Both began the first step: what the other window typed is seen here before this line, and is one step with it, or is not, and is another.
    const { steps } = (await transitions()).find((transition) => transition.id === 'spider-i-circle-the-foot-off')!;
    expect(steps!.flatMap((step) => step.contacts.map((contact) => contact.part))).toEqual(['leftHand', 'rightHand']);
    trouble.splice(0, trouble.length, ...trouble.filter((line) => !line.includes('ERR_INTERNET_DISCONNECTED')));
  });

  it('says what is held at a place, and a chain of eight steps prints on one page', async () => {
    await go('/grips/league-evening?place=butterfly');
    await say('left hand near knee, his left foot far thigh: hook');
    await page.waitForFunction(() => document.querySelector('table')?.textContent?.includes('his left foot'));
    await stored();
    const file = (await (await fetch(`${server.baseUrl}/api/trees/league-evening/file`)).json()) as TreeDocument;
    expect(file.positions.find((position) => position.id === 'butterfly')).toMatchObject({
      holds: [{ part: 'leftHand' }],
      theirHolds: [{ part: 'leftFoot', job: 'hook' }],
    });
    await go('/grips/league-evening?at=half-below-i-come-up-on-the-single-leg-to-the-lock');
    expect(pagesOf(await page.pdf({ preferCSSPageSize: true }))).toBe(1);
  });
});

describe('his grips on the board', () => {
  it('grey what they shut and say what to break; the way shows it too', async () => {
    await go('/board/league-evening?show=hub&at=headquarters');
    await waitForText(page, 'His grips on now');
    await clickText(page, 'his left hand near armpit: underhook');
    await waitForText(page, 'shut: break his left hand near armpit: underhook');
    await waitForText(page, 'not yet: only when his left hand far shoulder: frame is on');
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'One route');
    await waitForText(page, 'Trades: ');
    await page.click('[data-on-route="headquarters"]');
    await clickText(page, 'None of them is on');
    await page.waitForFunction(() => !document.body.textContent?.includes('shut: break'));
    await clickText(page, '34 broken rungs');
    await waitForText(page, 'Hands that do not add up');
    expect(trouble).toEqual([]);
  });
});
