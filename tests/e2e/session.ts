import type { Browser } from 'puppeteer-core';
import { launch, openPage, type Watched } from './browser';
import { removeFolder, startServer, type Started } from './server';

export interface Session extends Watched {
  readonly server: Started;
  readonly browser: Browser;
}

/** A server with a data folder of its own, a browser, and a watched page. */
export async function openSession(args: readonly string[]): Promise<Session> {
  const server = await startServer(args);
  const browser = await launch();
  return { server, browser, ...(await openPage(browser, server.baseUrl)) };
}

/** Ends what a session started, as far as it got. */
export async function closeSession({ server, browser }: { server: Started | undefined; browser: Browser | undefined }): Promise<void> {
  await browser?.close();
  await server?.stop();
  if (server) await removeFolder(server.data);
}
