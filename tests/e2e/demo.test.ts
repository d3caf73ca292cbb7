import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { mkdir, writeFile } from 'node:fs/promises';
import { connect, createServer } from 'node:net';
import path from 'node:path';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { launch, openPage, axeFindings, clickText, type, waitForStored, waitForText } from './browser';
import { freePort, newDataFolder, removeFolder, runStart, startServer, type Started } from './server';
import { closeSession } from './session';

let server: Started;
let browser: Browser;

beforeAll(async () => {
  server = await startServer([]);
  browser = await launch();
});
afterAll(() => closeSession({ server, browser }));

describe('the demo gym', () => {
  for (const show of ['tree', 'guard', 'hub', 'route']) {
    it(`shows ${show} without serious accessibility findings or errors`, async () => {
      const { page, trouble } = await openPage(browser, server.baseUrl);
      await page.goto(`${server.baseUrl}/board/league-evening?show=${show}&at=headquarters`);
      await waitForText(page, show === 'route' ? 'Ways to each goal' : 'He shows, I answer');
      await page.waitForSelector(show === 'route' ? '[data-on-route]' : 'svg text');
      expect(await axeFindings(page)).toEqual([]);
      // Another guard is typed on one line, which has the keys.
      await clickText(page, 'Draw another guard');
      const line = 'input[aria-label^="Name the guard"]';
      await page.waitForFunction((wanted) => document.activeElement?.matches(wanted), {}, line);
      expect((await page.$$(line)).length).toBe(1);
      expect(trouble).toEqual([]);
      await page.close();
    });
  }
  it('is climbed one rung at a time on a phone, step by step back, and answers are added there', async () => {
    const { page, trouble } = await openPage(browser, server.baseUrl);
    await page.setViewport({ width: 390, height: 844 });
    await page.goto(`${server.baseUrl}/board/league-evening?at=headquarters`);
    const place = (name: string) => page.waitForFunction((wanted) => document.querySelector('main h2')?.textContent === wanted, {}, name);
    await place('Headquarters');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const heights = await page.$$eval('main [data-shows] button', (all) =>
      all.filter((button) => button.checkVisibility()).map((button) => button.getBoundingClientRect().height),
    );
    expect(heights.length).toBeGreaterThan(5);
    expect(Math.min(...heights)).toBeGreaterThanOrEqual(47.9);
    await clickText(page, 'I drag the leg, lands on');
    await place('Leg drag');
    await page.goBack();
    await place('Headquarters');
    await clickText(page, 'Guards');
    await place('What does he show?');
    await clickText(page, 'De La Riva');
    await place('De La Riva');
    await clickText(page, 'No answer yet');
    await page.waitForSelector('input[aria-label="What I do then"]');
    await type(page, 'step over the spin');
    await type(page, 'headquarters');
    await waitForStored(page);
    // The line goes on with the next broken rung, as on the board.
    await page.waitForFunction(() => !['De La Riva', ''].includes(document.querySelector('main h2')?.textContent ?? ''));
    await page.keyboard.press('Escape');
    await page.goBack();
    await place('De La Riva');
    await waitForText(page, 'I step over the spin');
    await clickText(page, 'All about this place');
    await waitForText(page, 'He shows, I answer');
    await clickText(page, 'Back to the climb');
    await place('De La Riva');
    expect(trouble).toEqual([]);
    await page.close();
  });
});

describe('the doors', () => {
  // `fetch` does not let a caller forge Host or Origin, curl's place is taken by a plain request.
  const ask = async (headers: Record<string, string>): Promise<number> => {
    const { request } = await import('node:http');
    return new Promise((resolve, reject) => {
      const sent = request({ host: '127.0.0.1', port: server.port, path: '/api/health', headers }, (response) =>
        resolve(response.resume().statusCode!),
      );
      sent.once('error', reject).end();
    });
  };
  it('refuse a Host or Origin that is not their own', async () => {
    expect(await ask({})).toBe(200);
    expect(await ask({ host: `localhost:${server.port}`, origin: `http://localhost:${server.port}` })).toBe(200);
    expect(await ask({ host: 'elsewhere.test' })).toBe(403);
    expect(await ask({ host: `elsewhere.test:${server.port}` })).toBe(403);
    expect(await ask({ origin: 'http://elsewhere.test' })).toBe(403);
    expect(await ask({ origin: 'null' })).toBe(403);
    expect(await ask({ 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' })).toBe(403);
  });
  it('send strict headers with every page', async () => {
    const { headers } = await fetch(`${server.baseUrl}/files`);
    expect(headers.get('content-security-policy')).toMatch(
      /script-src 'self' 'nonce-[^']+' 'wasm-unsafe-eval';.*worker-src 'self'.*frame-ancestors 'none'/,
    );
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
  });
  it('answer bad requests with sentences', async () => {
    const post = async (to: string, body: string) => {
      const response = await fetch(server.baseUrl + to, { method: 'POST', body });
      return [response.status, ((await response.json()) as { problems: string[] }).problems.join(' ')] as const;
    };
    expect(await post('/api/documents/tree/league-evening/changes', '{')).toEqual([400, expect.stringContaining('not readable JSON')]);
    expect(await post('/api/documents/tree/league-evening/changes', '{"baseRevision":0,"edits":[]}')).toEqual([
      400,
      expect.stringContaining('baseRevision'),
    ]);
    expect(await post('/api/documents/tree/league-evening/changes', '['.repeat(100_000))).toEqual([
      400,
      expect.stringContaining('nested too deeply'),
    ]);
    expect(await post('/api/trees', '{"format":"red-ladder-tree","version":9}')).toEqual([422, expect.stringContaining('version 9')]);
    expect(await post('/api/trees', 'x'.repeat(21 * 1024 * 1024))).toEqual([413, expect.stringContaining('20 MB')]);
  });
});

describe('bin/start', () => {
  it('says when it is already running, by folder and by port', async () => {
    const sameFolder = await runStart([], { port: await freePort(), data: server.data });
    expect(sameFolder.output()).toContain('already running on the data folder');
    const other = await newDataFolder();
    const samePort = await runStart([], { port: server.port, data: other });
    expect(samePort.output()).toContain(`a Red Ladder is already running at ${server.baseUrl}`);
    await removeFolder(other);
  });
  it('says when the port is taken, the argument unknown, the cluster half-made', async () => {
    const data = await newDataFolder();
    const port = await freePort();
    const squatter = createServer((socket) => socket.destroy()).listen(port, '127.0.0.1');
    expect((await runStart([], { port, data })).output()).toContain(`port ${port} is taken by another program`);
    await new Promise((resolve) => squatter.close(resolve));
    expect((await runStart(['--full'], { port, data })).output()).toContain('does not know "--full"');
    await mkdir(path.join(data, 'pg', 'cluster'), { recursive: true });
    expect((await runStart([], { port, data })).output()).toContain('is incomplete, so it was left alone');
    await removeFolder(data);
  });
  it('killed outright leaves nothing that the next start does not take over or stop', async () => {
    const place = { port: await freePort(), data: await newDataFolder() };
    const first = await runStart(['--empty'], place);
    const idOf = (name: string): number => Number(readFileSync(path.join(place.data, `${name}.pid`), 'utf8').split(' ')[0]);
    const isThere = (id: number): boolean => existsSync(`/proc/${id}`) && !readFileSync(`/proc/${id}/stat`, 'utf8').includes(') Z');
    const [orphan, database] = [idOf('server'), idOf('database')];
    first.child.kill('SIGKILL');
    await new Promise((resolve) => first.child.once('exit', resolve));
    expect([isThere(orphan), isThere(database)]).toEqual([true, true]);
    const second = await runStart(['--empty'], place);
    expect(second.output()).toContain(`left its server running (process ${orphan}): stopping it`);
    expect(second.output()).toContain('ready at');
    expect(isThere(orphan)).toBe(false);
    expect(idOf('database')).toBe(database);
    await second.stop();
    expect(isThere(database)).toBe(false);
    // What stands in the file now means another process, or none: it is left alone.
    await writeFile(path.join(place.data, 'server.pid'), `${process.pid} 1`);
    const third = await runStart(['--empty'], place);
    expect(third.output()).not.toContain('stopping it');
    await third.stop();
    await removeFolder(place.data);
  });
  it('ends although somebody holds a request open', async () => {
    const held = await startServer(['--empty']);
    const socket = connect(held.port, '127.0.0.1');
    socket.on('error', () => undefined);
    socket.write(`POST /api/trees HTTP/1.1\r\nHost: 127.0.0.1:${held.port}\r\nContent-Length: 100\r\n\r\n{`);
    await new Promise((resolve) => setTimeout(resolve, 500));
    await held.stop();
    socket.destroy();
    expect(execFileSync('ps', ['-eo', 'args']).toString()).not.toContain(held.data);
    await removeFolder(held.data);
  });
  it('starts a second time with everything still there, and stops what it started', async () => {
    const data = await newDataFolder();
    const port = await freePort();
    const count = async () =>
      ((await (await fetch(`http://127.0.0.1:${port}/api/trees/league-evening/file`)).json()) as { positions: unknown[] }).positions.length;
    const first = await runStart([], { port, data });
    const positions = await count();
    await first.stop();
    const running = () => execFileSync('ps', ['-eo', 'args']).toString().includes(data);
    expect(running()).toBe(false);
    const second = await runStart([], { port, data });
    expect(await count()).toBe(positions);
    await second.stop();
    await removeFolder(data);
  });
});
