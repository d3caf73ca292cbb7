import { launch } from '../tests/e2e/browser';
import { removeFolder, startServer } from '../tests/e2e/server';
import { ms, type Row } from './measure';

const TIMES = 9;
interface Seen {
  drawn?: number;
  pressable?: number;
}

/** Notes in the page when a rung is first drawn, and when one can first be pressed; ms after the address was asked for. */
function watch(): void {
  const seen = window as unknown as Seen;
  const timer = setInterval(() => {
    if (document.querySelector('main svg text')) seen.drawn ??= performance.now();
    const rung = document.querySelector('[data-rung]');
    if (!rung || !Object.keys(rung).some((key) => key.startsWith('__reactProps'))) return;
    seen.pressable = performance.now();
    clearInterval(timer);
  }, 4);
}
const median = (values: readonly number[]): number => values.toSorted((a, b) => a - b)[values.length >> 1]!;

/** The demo's board in a browser that was just started, and once more in the same. */
export async function firstRung(): Promise<Row[]> {
  const server = await startServer([]);
  const found: Record<'fresh' | 'again', Required<Seen>[]> = { fresh: [], again: [] };
  try {
    for (let k = 0; k < TIMES; k++) {
      const browser = await launch();
      const page = await browser.newPage();
      await page.evaluateOnNewDocument(watch);
      for (const visit of ['fresh', 'again'] as const) {
        await page.goto(`${server.baseUrl}/board/league-evening?show=tree`, { waitUntil: 'domcontentloaded' });
        await page.waitForFunction(() => (window as unknown as Seen).pressable !== undefined);
        found[visit].push(
          await page.evaluate(() => ({
            drawn: (window as unknown as Required<Seen>).drawn,
            pressable: (window as unknown as Required<Seen>).pressable,
          })),
        );
        await new Promise((resolve) => setTimeout(resolve, 1500));
      }
      await browser.close();
    }
  } finally {
    await server.stop();
    await removeFolder(server.data);
  }
  const row = (what: string, visits: readonly Required<Seen>[], key: keyof Seen): Row => ({
    what,
    measured: ms(median(visits.map((seen) => seen[key]))),
    wanted: '',
  });
  return [
    row(`first rung of the demo’s board drawn, a fresh browser, median of ${TIMES}`, found.fresh, 'drawn'),
    row('  the first that can be pressed', found.fresh, 'pressable'),
    row('the same in a browser that has seen it', found.again, 'drawn'),
    row('  the first that can be pressed', found.again, 'pressable'),
  ];
}
