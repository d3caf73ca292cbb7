import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { findUnanswered } from '@/core/structure';
import { demoTree } from '../../demo/demoTree';
import { choose, clickText, pick, axeFindings, type, waitForText, waitForStored } from './browser';
import type { Started } from './server';
import { closeSession, openSession } from './session';

const BROKEN = `${findUnanswered(demoTree()).length} broken rungs`;
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
const take = (label: string, words: string): Promise<void> => choose(page, label, words);
const treeFile = async () =>
  (await (await fetch(`${server.baseUrl}/api/trees/league-evening/file`)).json()) as {
    positions: { id: string; fromCatalogue?: string }[];
    transitions: unknown[];
  };

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
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'Clear');
    await waitForText(page, 'Two or three ticks are enough');
    await page.setViewport({ width: 1280, height: 800 });
  });
});

describe('the catalogue', () => {
  it('is searched with a letter wrong, and taken into the tree with all its reads, until confirmed', async () => {
    await go('/catalogue/league-evening');
    expect(await axeFindings(page)).toEqual([]);
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

describe('a gym’s own catalogue', () => {
  const entries = async () => {
    const answer = await fetch(`${server.baseUrl}/api/documents/catalogueWords/own`);
    const { document } = (await answer.json()) as { document: Record<string, { kind: string; id: string }[]> };
    return ['changedPosition', 'changedTransition', 'position', 'transition'].flatMap((kind) => document[kind]!);
  };
  it('finds moves by other words for them', async () => {
    await go('/catalogue/league-evening');
    await page.type('input[type=search]', 'slice the knee across');
    await clickText(page, 'I cut the knee across');
    await waitForText(page, 'also: slice the knee across');
  });
  it('changes an entry’s words, refuses a name twice, and goes back to the words it came with', async () => {
    await go('/catalogue/league-evening?at=spider');
    await clickText(page, 'In the words of your gym');
    const rename = async (name: string) => {
      await page.click('article details[open] input[maxlength="160"]', { clickCount: 3 });
      await type(page, name);
    };
    await rename('Lasso');
    await waitForText(page, '“lasso” would be the name of two entries');
    expect(await entries()).toEqual([]);
    await rename('Both biceps');
    await waitForText(page, 'Changed by your gym');
    await stored();
    expect(await entries()).toEqual([{ kind: 'changedPosition', id: 'spider', change: { name: 'Both biceps' } }]);
    await clickText(page, 'Back to the words it came with');
    await page.waitForFunction(() => !document.body.innerText.includes('Changed by your gym'));
    await stored();
    expect(await entries()).toEqual([]);
  });
  it('keeps a place of the tree with its ways, and takes it out again', async () => {
    await clickText(page, 'Keep it in the catalogue');
    await waitForText(page, 'An entry of your gym');
    await stored();
    expect((await entries()).length).toBeGreaterThan(1);
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'In the words of your gym');
    await clickText(page, 'Take it out of the catalogue');
    await page.waitForFunction(() => !document.body.innerText.includes('An entry of your gym'));
    await stored();
    expect(await entries()).toEqual([]);
  });
});

describe('a move said wholly', () => {
  it('fits, fails and provokes: a dilemma and a helper are made in the sheet', async () => {
    await go('/board/league-evening?show=hub&at=over-under');
    await clickText(page, 'I walk to the leg side');
    await clickText(page, 'When it fits:');
    await (await page.waitForSelector('[aria-label="he grips the belt: fits"]'))!.click();
    await stored();
    await clickText(page, 'Choices within it:');
    await clickText(page, 'A choice, as where the hand goes');
    await stored();
    expect(await axeFindings(page)).toEqual([]);
    const move = ((await treeFile()).transitions as { id: string; when?: object; parameters?: object }[]).find(
      (item) => item.id === 'over-under-i-walk-to-the-leg-side',
    )!;
    expect(move).toMatchObject({ when: { he: ['ou-weaves', 'ou-grips-belt'] }, parameters: [{ name: 'outer hand', values: [] }] });
    await clickText(page, 'Undo');
    await clickText(page, 'Undo');
    await stored();
  });
  it('off its cue, by default, and with other lines for a school', async () => {
    type File = {
      tree: { defaults?: object };
      positions: { id: string; bySchool?: object[]; lines: string[] }[];
      transitions: { id: string; offCue?: number }[];
    };
    const file = async () => (await treeFile()) as unknown as File;
    await go('/board/league-evening?show=hub&at=over-under');
    await clickText(page, 'I walk to the leg side');
    await clickText(page, 'How likely, how long:');
    await take('Works when it does not fit what he shows', 'sometimes');
    await stored();
    await clickText(page, 'By school:');
    await clickText(page, 'Other lines are cleared here for “loose”');
    await stored();
    expect((await file()).transitions.find((move) => move.id === 'over-under-i-walk-to-the-leg-side')!.offCue).toBe(0.3);
    const place = (await file()).positions.find((position) => position.id === 'over-under')!;
    expect(place.bySchool).toContainEqual({ school: 'loose', lines: place.lines });
    await go('/board/league-evening?show=tree');
    await clickText(page, 'About this tree');
    await clickText(page, 'Default chances and times');
    await take('It works when it fits', 'half');
    await stored();
    expect((await file()).tree.defaults).toEqual({ works: 0.5 });
    expect(await axeFindings(page)).toEqual([]);
    await take('It works when it fits', 'not said');
    await stored();
    expect((await file()).tree.defaults).toBeUndefined();
  });
  it('one route says what he threatens along it, and under which card not', async () => {
    await go('/board/league-evening?show=route&at=single-leg-x');
    await waitForText(page, 'he catches the heel in Single-leg X');
    await waitForText(page, 'not under Saltmarsh league');
    expect(await axeFindings(page)).toEqual([]);
  });
});

describe('looking at the tree for somebody', () => {
  it('says what the juniors’ card takes away, names the rule book, and changes nothing', async () => {
    const before = JSON.stringify(await treeFile());
    await go('/board/league-evening?show=tree');
    await clickText(page, 'For whom');
    await take('Rules', 'Saltmarsh league, juniors');
    await waitForText(page, 'Check the current rule book');
    await waitForText(page, 'Goals out of reach');
    await waitForText(page, 'Threats that fall away');
    expect(await page.$$eval('[aria-label$="out of reach under this filter"]', (rungs) => rungs.length)).toBeGreaterThan(0);
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'Odds');
    await page.waitForFunction(() => location.pathname.startsWith('/odds/') && location.search === '?rules=saltmarsh-juniors');
    await waitForText(page, 'Goals out of reach');
    await page.waitForSelector('[data-start]');
    expect(await axeFindings(page)).toEqual([]);
    await go('/board/league-evening?show=tree&rules=saltmarsh-juniors');
    await take('Rules', 'none');
    await take('Seen by', 'the guard player');
    await page.waitForFunction((was) => !document.body.innerText.includes(was), {}, BROKEN);
    await waitForText(page, 'unstopped');
    await page.$eval('[data-rung="headquarters"]', (rung) => (rung as SVGGElement).focus());
    await page.keyboard.press('Enter');
    await waitForText(page, 'What I do, and what he does');
    await waitForText(page, 'I sit up to him');
    await waitForText(page, 'he cuts the knee across');
    expect(await page.evaluate(() => document.body.innerText)).not.toMatch(/\bhe I\b|\bI he\b/);
    await take('Seen by', 'the passer');
    expect(JSON.stringify(await treeFile())).toBe(before);
  });
});

describe('the three questions of the odds desk', () => {
  it('are asked in words, the second with how he is read and how freely he picks; the third has no data yet', async () => {
    await go('/odds/league-evening');
    const answer = () => page.$eval('[data-answer]', (figure) => Number.parseInt(figure.textContent ?? '', 10));
    await page.waitForSelector('[data-answer]');
    const usual = await answer();
    await clickText(page, 'If he knows your game');
    await waitForText(page, 'What he picks to hurt most');
    await page.waitForFunction((was) => Number.parseInt(document.querySelector('[data-answer]')?.textContent ?? '', 10) < was, {}, usual);
    const knowing = await answer();
    // What to work on is tried thing by thing, and leads to the place.
    await page.waitForSelector('section[aria-label="What to work on"] li a[href*="at="]', { timeout: 30_000 });
    expect(await axeFindings(page)).toEqual([]);
    await choose(page, 'He picks what hurts most', 'always');
    await page.waitForFunction((was) => Number.parseInt(document.querySelector('[data-answer]')?.textContent ?? '', 10) < was, {}, knowing);
    await clickText(page, 'As it really went');
    await waitForText(page, 'No rounds recorded yet: no data.');
    expect(await page.$('[data-answer]')).toBeNull();
    expect(await axeFindings(page)).toEqual([]);
    // What was stopped is stopped for its question alone.
    await clickText(page, 'If he knows your game');
    await waitForText(page, 'Finding the margin');
    await clickText(page, 'Stop');
    await waitForText(page, 'Stopped.');
    expect(await page.$('[data-margin]')).toBeNull();
    // And what was known of another question is not told for this one: neither its list nor how sure it is.
    await choose(page, 'He picks what hurts most', 'now and then');
    await page.waitForFunction(() => [...document.querySelectorAll('button')].some((one) => one.textContent === 'Stop'));
    await clickText(page, 'Stop');
    await waitForText(page, 'after all');
    expect(await page.$('[data-margin]')).toBeNull();
    await clickText(page, 'If he plays his usual game');
    await page.waitForSelector('[data-margin]');
    await page.waitForFunction((was) => document.querySelector('[data-answer]')?.textContent?.startsWith(`${was} in 100`), {}, usual);
  });
});

describe('a figure of the desk', () => {
  it('says how it comes about, and what it would be if a chance were another', async () => {
    await go('/odds/league-evening?at=spider');
    await page.waitForSelector('[data-answer]');
    await clickText(page, 'How it comes about');
    await waitForText(page, 'Together');
    await page.click('section[aria-label="What if"] button');
    await page.keyboard.type('I drive the cross-face');
    await page.waitForSelector('[role=option]');
    await page.keyboard.press('Enter');
    await waitForText(page, 'The tree stays');
    expect(await axeFindings(page)).toEqual([]);
  });
});

describe('rounds that are played out', () => {
  it('are counted and one is told, which is walked on the board with the keyboard', async () => {
    await go('/odds/league-evening?at=spider');
    await page.waitForSelector('[data-answer]');
    await clickText(page, 'Play 10,000 rounds');
    await waitForText(page, 'of 10,000 rounds finished');
    await waitForText(page, 'One of them, told');
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'Walk it on the board');
    await page.waitForSelector('section[aria-label="One round"] button');
    await waitForText(page, 'step 1 of');
    await page.waitForFunction(() => document.querySelector('section[aria-label="One round"] p')?.textContent?.startsWith('0:00 Spider'));
    await page.evaluate(() => {
      const next = [...document.querySelectorAll<HTMLElement>('section[aria-label="One round"] button')].find(
        (one) => one.textContent === 'Next',
      );
      next!.focus();
    });
    await page.keyboard.press('Enter');
    await waitForText(page, 'step 2 of');
    await page.keyboard.press('Enter');
    await waitForText(page, 'step 3 of');
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'Leave the round');
    expect(await page.$('section[aria-label="One round"]')).toBeNull();
  });
});

describe('the board shaded', () => {
  it('says at each rung what it is shaded by, and is itself again', async () => {
    await go('/board/league-evening?show=guard&at=de-la-riva');
    await page.waitForSelector('[data-rung]');
    const texts = () => page.$$eval('svg[aria-label="The climb"] text', (all) => all.map((one) => one.textContent));
    const before = await texts();
    await choose(page, 'Shaded', 'by what is typed');
    await page.waitForFunction(() =>
      [...document.querySelectorAll('svg[aria-label="The climb"] text')].some((one) => /^\d+\/\d+$/.test(one.textContent ?? '')),
    );
    await choose(page, 'Shaded', 'by chance of finishing');
    await page.waitForFunction(() =>
      [...document.querySelectorAll('svg[aria-label="The climb"] text')].some((one) => /^\d+$/.test(one.textContent ?? '')),
    );
    await choose(page, 'Shaded', 'not');
    await page.waitForFunction(
      (count) => document.querySelectorAll('svg[aria-label="The climb"] text').length === count,
      {},
      before.length,
    );
  });
});

describe('a game plan', () => {
  it('is made for the opponent whom the address names, one beside him, and as a PDF of one page', async () => {
    await go('/plan/league-evening?who=mila-tarn');
    await waitForText(page, 'Against Mila Tarn');
    await waitForText(page, 'Knee shield');
    expect(await axeFindings(page)).toEqual([]);
    await choose(page, 'beside him', 'Jory Brask');
    await waitForText(page, 'What to prepare');
    const pages = await page.evaluate(async () => {
      const answer = await fetch('/api/trees/league-evening/plan?who=mila-tarn');
      return new TextDecoder('latin1').decode(await answer.arrayBuffer()).match(/\/Type \/Page\b/g)?.length;
    });
    expect(pages).toBe(1);
    expect(await page.evaluate(async () => (await fetch('/api/trees/league-evening/plan?who=nobody')).status)).toBe(404);
  });
  it('against him who knows the game, the desk asks the second question', async () => {
    await go('/odds/league-evening?who=jory-brask');
    await waitForText(page, 'What he picks to hurt most');
    await waitForText(page, 'against Jory Brask');
  });
});

describe('an address that names what is not there', () => {
  it('says what was not found, on every screen, instead of showing something else in silence', async () => {
    for (const [address, said] of [
      [
        '/board/league-evening?at=nowhere&rules=no-card&who=constructor',
        ['There is no place “nowhere”', 'left out: the rule card “no-card”, the person “constructor”.'],
      ],
      ['/grips/league-evening?at=no-move', ['There is no move “no-move”']],
      ['/grips/league-evening?place=no-place', ['There is no place “no-place”']],
      ['/odds/league-evening?at=no-start&school=none', ['There is no guard to start from “no-start”', 'left out: the school “none”.']],
      ['/class/league-evening?class=no-class', ['There is no class “no-class”']],
      ['/compare/league-evening?school=none', ['There is no school “none”']],
      ['/catalogue/league-evening?at=no-entry', ['There is no catalogue entry “no-entry”']],
    ] as const) {
      await go(address);
      for (const sentence of said) await waitForText(page, sentence);
      expect(await axeFindings(page)).toEqual([]);
      await clickText(page, 'Understood');
      await page.waitForFunction(() => !document.body.innerText.includes('There is no'));
    }
    await go('/plan/league-evening?who=constructor');
    await waitForText(page, 'left out: the person “constructor”.');
    await go('/board/league-evening?show=tree');
    expect(await page.$$('[role=alert] p')).toEqual([]);
  });
});

describe('a class for somebody', () => {
  it('flags what the card takes away, on the screen and on the sheet', async () => {
    await go('/class/league-evening');
    await clickText(page, 'For whom, under which rules');
    await take('Rules', 'Saltmarsh league, juniors');
    await take('Against', 'Tove Lind');
    await waitForText(page, 'Check the current rule book, card of');
    await stored();
    await go('/class/league-evening/sheet');
    await waitForText(page, 'Under “Saltmarsh league, juniors”, a card of 2026-09-01: check the current rule book.');
  });
});

describe('the log, the cards and the comparison', () => {
  it('a rule card is written with sentences for what is wrong, and kept', async () => {
    await go('/rules/league-evening');
    expect(await axeFindings(page)).toEqual([]);
    await clickText(page, 'Write a card');
    await page.waitForFunction(() => document.querySelector('form')?.getAttribute('aria-label') === 'New rule card');
    await clickText(page, 'Forbid something');
    // The name is marked from the start, so that what is typed takes its place.
    await page.type('input[name="name"]', 'Harbour cup');
    await clickText(page, 'Keep this card');
    await waitForText(page, 'Say what is forbidden, or remove the line.');
    await page.type('input[name="forbidden.0.tag"]', 'stack');
    await clickText(page, 'Keep this card');
    await page.waitForFunction(() => document.querySelector('form')?.getAttribute('aria-label') === 'Harbour cup');
    await stored();
    const { ruleCards } = (await (await fetch(`${server.baseUrl}/api/trees/league-evening/file`)).json()) as {
      ruleCards: { name: string; forbidden: unknown[] }[];
    };
    expect(ruleCards.at(-1)).toMatchObject({ name: 'Harbour cup', forbidden: [{ tag: 'stack' }] });
    // What the card takes from the tree stands under it, and leads to the board as it is looked at there.
    await clickText(page, 'Saltmarsh league, juniors');
    await waitForText(page, 'by the rules');
    await clickText(page, 'Which ones');
    expect(await axeFindings(page)).toEqual([]);
    await page.$eval('section[aria-label="What the filter takes away"] li button', (button) => (button as HTMLElement).click());
    await page.waitForFunction(() => /^\/board\/.*rules=saltmarsh-juniors&show=hub&at=/.test(location.pathname + location.search));
    await go('/rules/league-evening');
  });
  it('a person is added, looked at, and hides what does not suit', async () => {
    await clickText(page, 'Add a person');
    await page.waitForSelector('section[aria-label="New person"]');
    expect(await axeFindings(page)).toEqual([]);
    await page.type('section[aria-label="New person"] input[placeholder^="e.g. short legs"]', 'short legs');
    await page.keyboard.press('Enter');
    await pick(page, 'Add a move or a tag …', 'Headquarters: I drag the leg');
    await waitForText(page, 'Headquarters: I drag the leg');
    await waitForText(page, '2 moves hidden: 2 by the person');
    await page.type('input[placeholder^="e.g. 2026-12-01"]', '2026-12-05, 2026-12-09 to Sunday');
    await page.keyboard.press('Enter');
    await waitForText(page, '“Sunday” is no day.');
    expect(await axeFindings(page)).toEqual([]);
    await page.focus('input[placeholder^="e.g. 2026-12-01"]');
    await page.keyboard.press('End');
    for (let i = 0; i < ' to Sunday'.length; i++) await page.keyboard.press('Backspace');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => !document.body.innerText.includes('is no day'));
    await stored();
    const { athletes } = (await treeFile()) as unknown as { athletes: { id: string; name: string }[] };
    await go(`/board/league-evening?show=tree&who=${athletes.find(({ name }) => name === 'New person')!.id}`);
    await waitForText(page, '2 moves hidden: 2 by the person');
  });
  it('the log leads back to the beginning, and forth again, and says who', async () => {
    const now = JSON.stringify(await treeFile());
    await go('/history/league-evening');
    expect(await axeFindings(page)).toEqual([]);
    await page.type('input[placeholder="e.g. Kim"]', 'Ilse Brandt');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.cookie.includes('Ilse'));
    const buttons = await page.$$('main li button');
    await buttons.at(-1)!.click();
    await waitForText(page, 'back to revision 1');
    await waitForText(page, 'Ilse Brandt');
    expect((await treeFile()).positions.some((position) => position.id === 'shin-to-shin')).toBe(false);
    const [last] = await page.$$('main li button');
    await last!.click();
    await waitForText(page, 'back to revision');
    await page.waitForFunction(() => (document.body.innerText.match(/back to revision/g) ?? []).length === 2);
    expect(JSON.stringify(await treeFile())).toBe(now);
  });
  it('times are those of the browser’s zone, not of the server’s', async () => {
    const zone = 'Pacific/Auckland';
    await page.emulateTimezone(zone);
    for (const screen of ['/files', '/history/league-evening']) {
      await go(screen);
      await page.waitForFunction(() => / \d\d:\d\d$/.test(document.querySelector('main time')?.textContent ?? ''));
      const [iso, shown] = await page.$eval('main time', (time) => [(time as HTMLTimeElement).dateTime, time.textContent] as const);
      const there = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short', timeStyle: 'short' }).format(new Date(iso));
      expect(shown).toBe(there);
    }
    await page.emulateTimezone('UTC');
  });
  it('two schools stand side by side, and what each has of its own', async () => {
    await go('/compare/league-evening?school=pressure&against=loose');
    await waitForText(page, 'I smash the knees together');
    await waitForText(page, 'I throw the legs past the frame');
    expect(await axeFindings(page)).toEqual([]);
    await go('/files');
    await clickText(page, 'Copy for a group');
    await page.waitForSelector('[aria-label="Name of the tree League evening, copy"]');
  });
});

describe('a place that goes on in another tree', () => {
  it('is linked, is no dead end, and leads there', async () => {
    await go('/board/league-evening?show=hub&at=truck-side');
    await clickText(page, 'How it goes on:');
    await clickText(page, 'It goes on in another tree');
    await take('It goes on in the tree', 'League evening, copy');
    await pick(page, 'at the place', 'One hook in');
    await stored();
    await clickText(page, 'Goes on in');
    await page.waitForFunction(() => location.pathname === '/board/league-evening-copy');
    await waitForText(page, 'One hook in');
  });
});

describe('a tree of the guard player', () => {
  it('begins on the files, goes down to a sweep, and takes the catalogue from below', async () => {
    await go('/files');
    await clickText(page, 'I play guard');
    await clickText(page, 'Begin it');
    await page.waitForSelector('[aria-label="Name the guard I hold"]');
    await page.keyboard.type('spider');
    await page.waitForFunction(() =>
      [...document.querySelectorAll('[role=option]')].some((option) => option.textContent?.includes('catalogue')),
    );
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await type(page, 'strips my foot / steps in');
    await page.waitForFunction(() =>
      [...document.querySelectorAll('[role=option]')].some((option) => option.textContent?.startsWith('scoot under to X')),
    );
    await type(page, 'lift him over');
    await type(page, 'on top ! swept');
    await stored();
    const id = decodeURIComponent(new URL(page.url()).pathname.split('/').at(-1)!);
    const file = (await (await fetch(`${server.baseUrl}/api/trees/${id}/file`)).json()) as {
      tree: { owner: string };
      positions: { ends?: string }[];
    };
    expect([file.tree.owner, file.positions.at(-1)!.ends]).toEqual(['guardPlayer', 'swept']);
  });
});

it('met no error on any page and asked nobody else for anything', () => expect(trouble).toEqual([]));
