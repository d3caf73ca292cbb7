import type { InPieces } from '@/core/base';

const PIECE_MS = 12;
/** A turn of the event loop; a channel, since timers wait for four milliseconds. */
const turn = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

/** Given up on the way: nobody wants the answer any more. */
export class Cancelled extends Error {
  override name = 'Cancelled';
}

/** Runs work in pieces of some milliseconds, letting everything else that waits in between; stops when it is cancelled. */
export async function letOthersIn<T>(
  work: InPieces<T>,
  { signal, onProgress }: { signal?: AbortSignal; onProgress?: (share: number) => void } = {},
): Promise<T> {
  for (;;) {
    if (signal?.aborted) throw new Cancelled();
    const until = performance.now() + PIECE_MS;
    let share: number | void = undefined;
    do {
      const step = work.next();
      if (step.done) return step.value;
      if (typeof step.value === 'number') share = step.value;
    } while (performance.now() < until);
    if (share !== undefined) onProgress?.(share);
    await turn();
  }
}
