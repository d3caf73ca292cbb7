import type { Page } from 'puppeteer-core';
import { applyOutline, formatOutline } from '@/core/outline';
import { findDilemmas, findUnanswered } from '@/core/structure';
import { emptyTree, indexOf, type TreeDocument } from '@/core/tree';
import { parseTreeFile } from '@/documents/tree/file';
import { beginTree, clickText, launch, waitForStored } from '../tests/e2e/browser';
import { removeFolder, startServer } from '../tests/e2e/server';
import { CLICK, KEY, LINE, type Row } from './measure';

/** One answer: what he shows, what I do, where it lands, and what is shown there if the coach goes on with it. */
type Said = readonly [move: string, landing: string];

/** A coach at the keyboard: everything is counted, nothing is waited for but the caret. */
class Coach {
  keys = 0;
  lines = 0;
  clicks = 0;
  constructor(readonly page: Page) {}

  async caret(label: string): Promise<void> {
    await this.page.waitForFunction(
      (wanted) => document.activeElement?.getAttribute('aria-label')?.startsWith(wanted),
      { timeout: 15_000 },
      label,
    );
  }
  async say(label: string, text: string): Promise<void> {
    await this.caret(label);
    await this.page.keyboard.type(text);
    await this.page.keyboard.press('Enter');
    this.keys += text.length + 1;
    this.lines += 1;
  }
  async press(key: 'Tab' | 'Escape'): Promise<void> {
    await this.page.keyboard.press(key);
    this.keys += 1;
  }
  async click(words: string): Promise<void> {
    await clickText(this.page, words);
    this.clicks += 1;
  }
  /** An answer, and over the shows of a new place to the next that has none. */
  async answer([move, landing]: Said, isNew: boolean): Promise<void> {
    await this.say('What I do', move);
    await this.say('Where it lands', landing);
    if (!isNew) return;
    await this.caret('What he does');
    await this.press('Tab');
  }
  get took(): string {
    const seconds = this.keys * KEY + this.lines * LINE + this.clicks * CLICK;
    return `${Math.floor(seconds / 60)} min ${Math.round(seconds % 60)} s`;
  }
}

const plain = (landing: string): string => landing.replace(/\s*!.*$/, '');
/** How many moves land on anything but what was said. */
function slipped(tree: TreeDocument, said: readonly Said[]): number {
  const names = new Map(tree.positions.map(({ id, name }) => [id, name.toLowerCase()]));
  const bare = (move: string): string => move.replace(/^\* /, '').replace(/ (?:to make him|so that he) .*$/, '');
  return said.filter(
    ([move, landing]) => !tree.transitions.some(({ name, to }) => name === bare(move) && names.get(to) === plain(landing).toLowerCase()),
  ).length;
}

async function treeOf(page: Page, baseUrl: string): Promise<TreeDocument> {
  await waitForStored(page);
  const file = parseTreeFile(await (await fetch(`${baseUrl}/api/trees/my-passing/file`)).text());
  if (!file.ok) throw new Error(file.error.join(' '));
  return file.value;
}

/** A hub of thirteen shows: the thirteen answers in the order in which they are asked for, a dilemma and a back take among them. */
const HUB: readonly Said[] = [
  ['cut the knee across to make him turn away', 'Shallow cut'],
  ['fold the shin outside', 'Shin folded'],
  ['drag the leg', 'Leg drag'],
  ['throw the legs past', 'Legs past'],
  ['win the underhook back', 'Chest on chest'],
  ['meet him and lock the hips', 'Body lock'],
  ['step over the hook', 'Long step'],
  ['ride the hips so that he points out', 'Back, two hooks'],
  ['circle to the head', 'North-south'],
  ['strip the collar', 'Sleeve stripped'],
  ['pin the far wrist', 'Wrist pinned'],
  ['sit on the foot', 'Foot sat on'],
  ['walk straight on', 'Side pin'],
];
const HUB_ENDS = new Set(['Back, two hooks', 'North-south', 'Side pin']);

async function hubOfThirteen(page: Page, baseUrl: string): Promise<{ coach: Coach; tree: TreeDocument }> {
  const coach = new Coach(page);
  await coach.say('Name the guard', 'Knee shield');
  await coach.say('What he does', 'frames on the neck, often');
  await coach.say('What I do', 'step the knee in');
  await coach.say('Where it lands', 'Headquarters');
  await coach.say('What he does', 'inside knee: points out, often, in the middle, sometimes, across, often');
  const shows =
    'frames on the hip, often / wins the underhook, sometimes / sits up, sometimes / hooks my ankle, rarely / turns away, sometimes / inverts, rarely / grips the collar, sometimes / posts on the biceps, rarely / pulls the foot back, rarely / nothing special';
  await coach.say('What I do', `/ ${shows}`);
  for (const said of HUB) await coach.answer(said, !HUB_ENDS.has(said[1]));
  await coach.press('Escape');
  await page.click('[data-rung="headquarters"]');
  coach.clicks += 1;
  await coach.click('I cut the knee across');
  await page.waitForSelector('details summary');
  await coach.click('Usual mistakes');
  await page.waitForSelector('aside input[placeholder*="lets go too early"]', { timeout: 5000 });
  await page.focus('aside input[placeholder*="lets go too early"]');
  coach.clicks += 1;
  await page.keyboard.type('the outside knee drifts');
  await page.keyboard.press('Enter');
  coach.keys += 24;
  coach.lines += 1;
  return { coach, tree: await treeOf(page, baseUrl) };
}

const GUARDS = [
  'Closed guard',
  'Spider',
  'Lasso',
  'De La Riva',
  'Butterfly',
  'Seated guard',
  'Shin to shin',
  'Collar and sleeve',
  'Half guard',
  'Quarter guard',
  'Z guard',
  'Deep half',
  'X guard',
  'Both sleeves',
  'Feet on hips',
];
const PROBLEMS = 7;
const ENDS: readonly Said[] = [
  ['cut through', 'Side pin'],
  ['walk round', 'North-south'],
  ['climb over', 'Mount'],
  ['take the back', 'Back, two hooks'],
];

/** Fifteen guards that lead to one hub, seven of them with something that stays open, and four endings of the hub. */
async function fifteenEntries(page: Page, baseUrl: string): Promise<{ coach: Coach; tree: TreeDocument }> {
  const coach = new Coach(page);
  const guard = async (name: string, i: number): Promise<void> => {
    if (i > 0) await coach.click('Draw another guard');
    await coach.say('Name the guard', name);
    await coach.say('What he does', i < PROBLEMS ? 'pulls me in, often / spins under' : 'pulls me in, often');
    await coach.say('What I do', 'step the knee in');
    await coach.say('Where it lands', 'Headquarters');
    if (i === 0) {
      await coach.say('What he does', 'frames / turns in / turns away / inverts');
      for (const said of ENDS) await coach.answer(said, false);
    }
    if (i < PROBLEMS) {
      await coach.caret('What I do');
      await coach.press('Tab');
    }
  };
  for (const [i, name] of GUARDS.entries()) await guard(name, i);
  return { coach, tree: await treeOf(page, baseUrl) };
}

async function onEmptyGym<T>(work: (page: Page, baseUrl: string) => Promise<T>): Promise<T> {
  const server = await startServer(['--empty']);
  const browser = await launch();
  try {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    await beginTree(page, server.baseUrl);
    return await work(page, server.baseUrl);
  } finally {
    await browser.close();
    await server.stop();
    await removeFolder(server.data);
  }
}

const sayEffort = ({ took, keys, lines, clicks }: Coach): string => `${took} (${keys} keys, ${lines} lines, ${clicks} clicks)`;
/** Read from its own outline into an empty tree. */
function fromOutline(tree: TreeDocument): Row {
  const back = applyOutline(emptyTree('again', 'Again'), formatOutline(tree), 'add');
  return {
    what: '  the same from its outline: problems, places',
    measured: `${back.problems.length}, ${back.tree.positions.length} of ${tree.positions.length}`,
    wanted: 'none, all',
  };
}

/** Two parts of a game typed into an empty gym as a coach would: how long by keys and pauses, and whether anything slipped. */
export async function dictation(): Promise<Row[]> {
  const one = await onEmptyGym(hubOfThirteen);
  const hub = indexOf(one.tree).positions.get('headquarters');
  const open = (tree: TreeDocument, at: (id: string) => boolean): number =>
    findUnanswered(tree).filter(({ position }) => at(position)).length;
  const drawn = [
    `${hub?.reads.flatMap((read) => read.values).length ?? 0} shows`,
    `${open(one.tree, (id) => id === 'headquarters')} open`,
    `${findDilemmas(one.tree).dilemmas.length} dilemma`,
    `${one.tree.transitions.filter(({ mistakes }) => mistakes).length} mistake`,
  ];
  const two = await onEmptyGym(fifteenEntries);
  const into = two.tree.transitions.filter(({ to }) => to === 'headquarters').length;
  const ends = two.tree.positions.filter((position) => position.ends).length;
  return [
    { what: 'a hub of 13 shows by keys and pauses', measured: sayEffort(one.coach), wanted: '≤ 10 min' },
    { what: '  what is drawn then', measured: drawn.join(', '), wanted: '13, 0, 1, 1' },
    { what: '  moves that land on anything but what was meant', measured: `${slipped(one.tree, HUB)} of ${HUB.length}`, wanted: '0' },
    fromOutline(one.tree),
    { what: 'fifteen entries into one hub by keys and pauses', measured: sayEffort(two.coach), wanted: '≤ 15 min' },
    { what: '  entries, problems, endings', measured: `${into}, ${open(two.tree, () => true)}, ${ends}`, wanted: '15, 7, 4' },
    { what: '  places drawn', measured: `${two.tree.positions.length}, ${two.tree.starts.length} guards`, wanted: '20, 15 guards' },
    fromOutline(two.tree),
  ];
}
