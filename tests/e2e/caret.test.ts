import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beginTree, axeFindings, type, waitForStored, waitForText } from './browser';
import type { Started } from './server';
import { closeSession, openSession } from './session';

let server: Started;
let browser: Browser;
let page: Page;
let trouble: string[];

interface Written {
  readonly positions: readonly {
    readonly id: string;
    readonly name: string;
    readonly lines: readonly string[];
    readonly reads: readonly { readonly values: readonly { name: string; share?: number }[] }[];
  }[];
  readonly transitions: readonly {
    readonly name: string;
    readonly to: string;
    readonly provokes?: readonly string[];
    readonly when?: Record<string, string[]>;
    readonly outcomes?: readonly { ifShown: string[]; to: string }[];
  }[];
}

beforeAll(async () => {
  ({ server, browser, page, trouble } = await openSession(['--empty']));
  await beginTree(page, server.baseUrl);
});
afterAll(() => closeSession({ server, browser }));

const caretFor = (label: string) =>
  page.waitForFunction((wanted) => document.activeElement?.getAttribute('aria-label')?.startsWith(wanted), { timeout: 15_000 }, label);
const written = async (): Promise<Written> => {
  await waitForStored(page);
  return (await (await fetch(`${server.baseUrl}/api/trees/my-passing/file`)).json()) as Written;
};
const names = async (): Promise<string[]> => (await written()).positions.map(({ name }) => name);
const line = () => page.evaluate(() => (document.activeElement as HTMLInputElement | null)?.value);
const paste = (text: string) =>
  page.evaluate((pasted) => {
    const data = new DataTransfer();
    data.setData('text', pasted);
    document.activeElement!.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  }, text);
const chosen = () =>
  page.$$eval('[role=option][aria-selected=true]', (options) => options.filter((option) => option.checkVisibility()).length);

describe('an empty tree', () => {
  it('asks for its first guard on one line, in every view', async () => {
    const line = 'input[aria-label^="Name the guard"]';
    for (const view of ['hub', 'route', 'guard', 'tree']) {
      await page.goto(`${server.baseUrl}/board/my-passing?show=${view}`);
      await page.waitForSelector(line);
      expect((await page.$$(line)).length).toBe(1);
    }
    await caretFor('Name the guard');
  });
});

describe('the caret takes what was typed', () => {
  it('a guard, its shows as a pasted list, and how often', async () => {
    await caretFor('Name the guard');
    await page.keyboard.press('Enter');
    await waitForText(page, 'Type the name of the guard.');
    await type(page, 'Tide guard');
    await caretFor('What he does');
    await paste('- frames on the neck, often\n- pummels in\n3) doesn’t react\n');
    expect(await line()).toBe('frames on the neck, often / pummels in / doesn’t react');
    await page.keyboard.press('Enter');
    await caretFor('What I do');
    const { positions } = await written();
    await type(page, '/ sits up');
    await caretFor('What I do');
    expect(await line()).toBe('');
    expect((await written()).positions[0]!.reads[0]!.values.map(({ name }) => name)).toContain('sits up');
    expect(positions[0]!.reads[0]!.values).toMatchObject([
      { name: 'frames on the neck', share: 0.35 },
      { name: 'pummels in' },
      { name: 'doesn’t react' },
    ]);
  });

  it('a beginning is not a name: nothing is chosen until ↓, and Enter makes what was typed', async () => {
    await type(page, 'lift the knee to make him hug the head');
    await caretFor('Where it lands');
    await page.keyboard.type('knee in');
    await waitForText(page, 'Enter: a new place, feet cleared');
    expect(await chosen()).toBe(0);
    await page.keyboard.press('Enter');
    await caretFor('What he does');
    expect(await names()).toEqual(['Tide guard', 'knee in']);
    const { transitions, positions } = await written();
    expect(transitions[0]!.provokes).toEqual(['hugs-the-head']);
    expect(positions[1]!.reads[0]!.values).toMatchObject([{ name: 'hugs the head' }]);
  });

  it('a letter away is asked about once, Enter joins, ↓ Enter makes a new one', async () => {
    await page.keyboard.press('Tab');
    await caretFor('What I do');
    await type(page, 'step round');
    await caretFor('Where it lands');
    await type(page, 'tide gaurd');
    await waitForText(page, '“Tide guard” is there already: join it?');
    expect(await chosen()).toBe(1);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await caretFor('What he does');
    expect(await names()).toEqual(['Tide guard', 'knee in', 'tide gaurd']);
  });

  it('what a place is can be said in the line; what says nothing is refused', async () => {
    await type(page, '! nearly');
    await waitForText(page, '“nearly” says nothing of a place.');
    await type(page, '');
    for (let i = 0; i < 8; i++) await page.keyboard.press('Backspace');
    await type(page, '! settled');
    await caretFor('What I do');
    await page.keyboard.type('x'.repeat(170));
    await waitForText(page, 'has 170 letters; a name has 160 at most.');
    await page.keyboard.press('Escape');
    expect(await names()).toHaveLength(3);
  });
});

describe('the caret stays where the coach is', () => {
  it('Escape gives the keys back to the rung, and half a line is there again', async () => {
    const rung = () => page.evaluate(() => (document.activeElement as SVGElement | null)?.dataset.rung ?? null);
    await page.waitForFunction(() => (document.activeElement as SVGElement | null)?.dataset.rung !== undefined);
    const at = await rung();
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.activeElement?.tagName === 'INPUT');
    await page.keyboard.type('half a li');
    await page.keyboard.press('Tab');
    expect(await page.$eval('input[aria-label^="What"]', (input) => (input as HTMLInputElement).value)).toBe('half a li');
    await page.focus('input[aria-label^="What"]');
    await page.keyboard.press('Escape');
    await page.waitForFunction((id) => (document.activeElement as SVGElement | null)?.dataset.rung === id, {}, at);
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => (document.activeElement as HTMLInputElement | null)?.value === 'half a li');
    expect(await axeFindings(page)).toEqual([]);
    for (let i = 0; i < 9; i++) await page.keyboard.press('Backspace');
  });

  it('lies on no rung while there is room', async () => {
    const covered = await page.evaluate(() => {
      const caret = document.activeElement!.closest('.absolute')!.getBoundingClientRect();
      return [...document.querySelectorAll('[data-rung] > rect.ring')].filter((rung) => {
        const box = rung.getBoundingClientRect();
        return box.left < caret.right && box.right > caret.left && box.top < caret.bottom && box.bottom > caret.top;
      }).length;
    });
    expect(covered).toBe(0);
  });

  it('“?” shows all keys, and several lines are not taken as one move', async () => {
    await page.keyboard.press('?');
    await waitForText(page, 'one more answer to the last show');
    await page.keyboard.press('Escape');
    await page.click('[data-broken]');
    await caretFor('What I do');
    await paste('one\ntwo');
    await waitForText(page, '2 lines were pasted, and this is one. Nothing was taken.');
    for (let i = 0; i < 3; i++) await page.keyboard.press('Backspace');
  });
});

describe('a move that does not always end the same', () => {
  it('an attempt is a place between two lines, said while landing', async () => {
    // Half a line that was left here stands in the way.
    await page.evaluate(() => (document.activeElement as HTMLInputElement).select());
    await page.keyboard.press('Backspace');
    await type(page, 'turn the corner');
    await caretFor('Where it lands');
    await page.keyboard.type('Far side');
    await waitForText(page, 'an attempt: feet not cleared yet');
    await type(page, ' ! attempt');
    await caretFor('What he does');
    const far = (await written()).positions.at(-1)!;
    expect(far).toMatchObject({ name: 'Far side', lines: [], unfinished: true });
  });

  it('the same move leads elsewhere where he shows something else', async () => {
    await type(page, 'posts / rolls');
    await caretFor('What I do');
    await type(page, 'pull him down');
    await caretFor('Where it lands');
    await type(page, 'Flat');
    await caretFor('What he does');
    const isAsked = () => page.evaluate(() => document.activeElement?.closest('div.absolute')?.textContent?.includes('he rolls'));
    await page.keyboard.press('Tab');
    for (let i = 0; i < 8 && !(await isAsked()); i++) {
      await caretFor('What I do');
      // Half a line that was left here stands in the way.
      await page.evaluate(() => (document.activeElement as HTMLInputElement).select());
      await page.keyboard.press('Backspace');
      await page.keyboard.press('Tab');
    }
    await type(page, 'pull him down');
    await waitForText(page, '“pull him down” is drawn here, to Flat: is it the same?');
    for (const key of ['ArrowDown', 'ArrowDown', 'Enter'] as const) await page.keyboard.press(key);
    await caretFor('Where it lands');
    await type(page, 'On his back');
    await caretFor('What he does');
    const move = (await written()).transitions.find(({ name }) => name === 'pull him down')!;
    expect(move).toMatchObject({ to: 'flat', when: { he: ['posts', 'rolls'] }, outcomes: [{ ifShown: ['rolls'], to: 'on-his-back' }] });
  });

  it('a line that is claimed twice: the place before was an attempt', async () => {
    await type(page, 'sits up');
    await caretFor('What I do');
    await type(page, 'flatten him');
    await caretFor('Where it lands');
    await page.keyboard.type('Flattened');
    await waitForText(page, 'cleared only here: On his back was an attempt');
    const isChosen = () =>
      page.$$eval('[role=option][aria-selected=true]', (options) => options.some((option) => option.textContent!.includes('only here')));
    for (let i = 0; i < 12 && !(await isChosen()); i++) await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await caretFor('What he does');
    const { positions } = await written();
    const lines = Object.fromEntries(positions.map((position) => [position.name, position.lines]));
    expect(lines['On his back']).toEqual(lines['Far side']);
    expect(lines.Flattened).toHaveLength(lines['Far side']!.length + 1);
    expect(positions.find(({ name }) => name === 'On his back')).toMatchObject({ unfinished: true });
    await page.keyboard.press('Escape');
    expect(trouble).toEqual([]);
  });
});
