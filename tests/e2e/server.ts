import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import path from 'node:path';

export interface Started {
  readonly baseUrl: string;
  readonly port: number;
  readonly data: string;
  /** Everything printed so far. */
  readonly output: () => string;
  readonly child: ChildProcess;
  stop(): Promise<number | null>;
}

export const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number };
      server.close(() => resolve(port));
    });
  });

export const newDataFolder = (): Promise<string> => mkdtemp(path.join(process.env.TMPDIR ?? '/var/tmp', 'red-ladder-e2e-'));
export const removeFolder = (folder: string): Promise<void> => rm(folder, { recursive: true, force: true });

/** Runs bin/start as a coach would, with its own port and data folder; resolves when it has ended or printed its address. */
export async function runStart(
  args: readonly string[],
  { port, data, isSafe = false }: { port: number; data: string; isSafe?: boolean },
): Promise<Started> {
  const env = {
    ...process.env,
    RED_LADDER_PORT: String(port),
    RED_LADDER_DATA: data,
    // Tests only: what the database was told is not waited for to reach the disk.
    PG_UNSAFE_FAST: isSafe ? '0' : '1',
    NODE_ENV: 'production',
  } as NodeJS.ProcessEnv;
  const child = spawn(path.resolve('bin/start'), args, { env, stdio: ['ignore', 'pipe', 'pipe'] });
  let output = '';
  const ended = new Promise<number | null>((resolve) => child.once('exit', resolve));
  const ready = new Promise<void>((resolve) => {
    const onData = (chunk: Buffer) => {
      output += chunk.toString();
      if (output.includes('ready at')) resolve();
    };
    child.stdout.on('data', onData);
    child.stderr.on('data', onData);
  });
  await Promise.race([ready, ended]);
  return {
    baseUrl: `http://127.0.0.1:${port}`,
    port,
    data,
    output: () => output,
    child,
    stop: async () => {
      child.kill('SIGTERM');
      return ended;
    },
  };
}

/** A running server on a fresh data folder. Throws with what bin/start said if it did not come up. */
export async function startServer(args: readonly string[]): Promise<Started> {
  const started = await runStart(args, { port: await freePort(), data: await newDataFolder() });
  if (!started.output().includes('ready at')) throw new Error(`bin/start did not start:\n${started.output()}`);
  return started;
}
