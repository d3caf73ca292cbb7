import path from 'node:path';
import { Worker } from 'node:worker_threads';
import { isAllowed, programmeText, type Programme, type Solved } from '@/core/classes';

interface Said {
  readonly id: number;
  readonly status?: string;
  readonly chosen?: number[];
  readonly bound?: number;
  readonly problem?: string;
}

const LONGEST_SECONDS = 10;
const GRACE_MS = 5_000;
const IDLE_MS = 30_000;

/** The thread in which programmes are solved, so that the server goes on answering; it ends when nothing was asked for a while. */
let thread: Worker | null = null;
let count = 0;
let idle: NodeJS.Timeout | undefined;

function open(): Worker {
  if (thread) return thread;
  const worker = new Worker(path.join(/* turbopackIgnore: true */ process.cwd(), 'src/server/solver/highsWorker.mjs'));
  worker.on('exit', () => {
    if (thread === worker) thread = null;
  });
  worker.unref();
  return (thread = worker);
}

function heard(worker: Worker, id: number, ms: number): Promise<Said> {
  return new Promise((resolve, reject) => {
    const late = setTimeout(() => {
      void worker.terminate();
      end(() => reject(new Error('the solver did not answer')));
    }, ms);
    const end = (then: () => void) => {
      clearTimeout(late);
      worker.off('message', onMessage);
      worker.off('error', onError);
      then();
    };
    const onMessage = (said: Said) => said.id === id && end(() => resolve(said));
    const onError = (error: Error) => end(() => reject(error));
    worker.on('message', onMessage);
    worker.on('error', onError);
  });
}

async function solveNow(programme: Programme, seconds: number): Promise<Solved> {
  const worker = open();
  const id = ++count;
  clearTimeout(idle);
  const answer = heard(worker, id, seconds * 1000 + GRACE_MS);
  worker.postMessage({ id, text: programmeText(programme), seconds });
  const { status, chosen = [], bound = 0, problem } = await answer;
  idle = setTimeout(() => void worker.terminate(), IDLE_MS).unref();
  if (problem !== undefined) throw new Error(`the solver failed: ${problem}`);
  if (status === 'Optimal') return { status: 'optimal', chosen, bound };
  if (status === 'Infeasible' || !isAllowed(programme, new Set(chosen))) return { status: 'impossible', chosen: [], bound };
  return { status: 'budget', chosen, bound };
}

/** One programme at a time: the clock of each begins when its turn has come. */
let turn: Promise<unknown> = Promise.resolve();
/** Solves a programme exactly, in a thread of its own, for at most some seconds; what was found by then is given with its bound. */
export function solveProgramme(programme: Programme, seconds = LONGEST_SECONDS): Promise<Solved> {
  const mine = turn.then(() => solveNow(programme, seconds));
  turn = mine.catch(() => undefined);
  return mine;
}
