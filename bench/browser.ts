import { gzipSync } from 'node:zlib';
import { formatTreeFile } from '@/core/notation';
import { launch } from '../tests/e2e/browser';
import { removeFolder, startServer } from '../tests/e2e/server';
import { randomTree } from '../tests/support/randomTree';
import { medianMs, ms, type Row } from './measure';

const PAGES = ['/board/league-evening', '/odds/league-evening', '/class/league-evening', '/grips/league-evening', '/files'];

interface Frames {
  readonly fps: number;
  readonly longestTask: number;
  readonly scripts: readonly string[];
}

/** Pans a board of 300 positions with the mouse; frames per second and the longest task while it moves. */
async function panBoard(baseUrl: string, treeId: string): Promise<Frames> {
  const browser = await launch();
  try {
    const page = await browser.newPage();
    await page.evaluateOnNewDocument(() => {
      const seen = window as unknown as { tasks: { start: number; ms: number }[] };
      seen.tasks = [];
      new PerformanceObserver((list) =>
        list.getEntries().forEach((entry) => seen.tasks.push({ start: entry.startTime, ms: entry.duration })),
      ).observe({ type: 'longtask' });
    });
    await page.goto(`${baseUrl}/board/${treeId}?show=tree`, { waitUntil: 'load' });
    await page.waitForFunction(() => document.querySelectorAll('[data-rung]').length > 50);
    await new Promise((resolve) => setTimeout(resolve, 4000));
    await page.evaluate(() => {
      const seen = window as unknown as { frames: number[] };
      seen.frames = [];
      const tick = (now: number) => {
        seen.frames.push(now);
        requestAnimationFrame(tick);
      };
      requestAnimationFrame(tick);
    });
    await page.mouse.move(500, 500);
    await page.mouse.down();
    for (let i = 0; i < 120; i++) await page.mouse.move(500 + 150 * Math.sin(i / 8), 500 + 100 * Math.cos(i / 11));
    await page.mouse.up();
    return await page.evaluate(() => {
      const { frames, tasks } = window as unknown as { frames: number[]; tasks: { start: number; ms: number }[] };
      const gaps = frames
        .slice(1)
        .map((at, i) => at - frames[i]!)
        .sort((a, b) => a - b);
      const scripts = performance
        .getEntriesByType('resource')
        .map((entry) => entry.name)
        .filter((name) => /\.js(\?|$)/.test(name));
      return {
        fps: 1000 / gaps[Math.floor(gaps.length / 2)]!,
        longestTask: Math.max(0, ...tasks.filter((task) => task.start > frames[0]!).map((task) => task.ms)),
        scripts,
      };
    });
  } finally {
    await browser.close();
  }
}

/** Bytes of files, packed; the server itself sends them as they are. */
const packed = async (addresses: readonly string[]): Promise<number> => {
  const sizes = await Promise.all(
    addresses.map(async (address) => gzipSync(new Uint8Array(await (await fetch(address)).arrayBuffer())).length),
  );
  return sizes.reduce((sum, size) => sum + size, 0);
};

const kilobytes = async (addresses: readonly string[]): Promise<string> => `${((await packed(addresses)) / 1000).toFixed(0)} kB`;
/** Scripts that stand in the page itself: what has to be there before anything can be pressed. */
async function firstScripts(baseUrl: string, treeId: string): Promise<string[]> {
  const page = await (await fetch(`${baseUrl}/board/${treeId}`)).text();
  // What is for browsers without modules is not fetched by any other.
  const tags = [...page.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)].filter(([tag]) => !/nomodule/i.test(tag));
  const sources = tags.map((match) => match[1]!);
  return [...new Set(sources)].map((source) => new URL(source, baseUrl).href);
}

export async function boardFrames(): Promise<Row[]> {
  const server = await startServer([]);
  try {
    const tree = randomTree(3, { positions: 300, transitions: 700 });
    const response = await fetch(`${server.baseUrl}/api/trees`, { method: 'POST', body: formatTreeFile(tree) });
    if (!response.ok) throw new Error(await response.text());
    const { fps, longestTask, scripts } = await panBoard(server.baseUrl, tree.id);
    const rows: Row[] = [
      { what: 'panning a board of 300 positions, median frames a second', measured: fps.toFixed(0), wanted: '60' },
      { what: '  longest task while panning (0 = none above 50 ms)', measured: ms(longestTask), wanted: '< 50 ms' },
      {
        what: 'first script of the board, as its page names it (gzip)',
        measured: await kilobytes(await firstScripts(server.baseUrl, tree.id)),
        wanted: '≤ 250 kB',
      },
      { what: '  with the parts that follow by themselves', measured: await kilobytes(scripts), wanted: '' },
    ];
    for (const page of PAGES)
      rows.push({
        what: `page ${page}, median of 21`,
        measured: ms(await medianMs(21, async () => (await fetch(server.baseUrl + page)).text())),
        wanted: '< 100 ms',
      });
    return rows;
  } finally {
    await server.stop();
    await removeFolder(server.data);
  }
}
