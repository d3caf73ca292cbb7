import type { Page } from 'puppeteer-core';
import { launch, waitForStored } from '../tests/e2e/browser';
import { removeFolder, startServer } from '../tests/e2e/server';
import { CLICK, KEY, LINE, type Row } from './measure';

const TREE = 'league-evening';
interface File {
  readonly positions: readonly { readonly id: string; readonly holds?: readonly unknown[] }[];
  readonly transitions: readonly {
    readonly id: string;
    readonly from: string;
    readonly actor: string;
    readonly steps?: readonly { readonly contacts: readonly unknown[] }[];
  }[];
}
const readFile = async (baseUrl: string): Promise<File> => (await (await fetch(`${baseUrl}/api/trees/${TREE}/file`)).json()) as File;

/** A move of the demo without steps, at a place where two things are usually held. */
function unwritten({ positions, transitions }: File): string {
  const held = new Set(positions.filter(({ holds = [] }) => holds.length >= 2).map(({ id }) => id));
  const move = transitions.find(({ from, actor, steps = [] }) => actor === 'owner' && steps.length === 0 && held.has(from));
  if (!move) throw new Error('every move of the demo has its steps');
  return move.id;
}

/** Three steps by hand: what is usual at the place by a press, the rest typed from its beginnings. */
async function threeSteps(page: Page): Promise<number> {
  let seconds = 0;
  const press = async (key: 'Enter' | 'Tab'): Promise<void> => {
    await page.keyboard.press(key);
    seconds += KEY;
  };
  const line = async (typed: string): Promise<void> => {
    seconds += LINE;
    await page.keyboard.type(typed);
    seconds += typed.length * KEY;
    await press('Tab');
    await press('Enter');
  };
  await page.waitForSelector('[aria-label="Likely here"] button');
  for (let i = 0; i < 2; i++) {
    await page.click('[aria-label="Likely here"] button');
    seconds += CLICK;
  }
  await page.focus('#holds');
  seconds += CLICK;
  await press('Enter');
  await line('left hand far hi');
  await line('head che');
  await press('Enter');
  await line('right knee ma');
  await waitForStored(page);
  return seconds;
}

/** How long a move of three steps takes to enter, by keys and pauses. */
export async function gripEntry(): Promise<Row[]> {
  const server = await startServer([]);
  const browser = await launch();
  try {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    const move = unwritten(await readFile(server.baseUrl));
    await page.goto(`${server.baseUrl}/grips/${TREE}?at=${move}`, { waitUntil: 'networkidle0' });
    const seconds = await threeSteps(page);
    const steps = (await readFile(server.baseUrl)).transitions.find(({ id }) => id === move)?.steps ?? [];
    const holds = steps.map(({ contacts }) => contacts.length).join(', ');
    return [
      {
        what: `grips of a move of three steps, by script (holds a step: ${holds})`,
        measured: `${Math.round(seconds)} s`,
        wanted: '< 45 s',
      },
    ];
  } finally {
    await browser.close();
    await server.stop();
    await removeFolder(server.data);
  }
}
