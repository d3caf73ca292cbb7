/** Refused because what it waits for is busy for too long. */
export class BusyError extends Error {
  override name = 'BusyError';
}

declare global {
  // On globalThis: the bundles of the routes do not share module state.
  var redLadderQueues: Map<string, Promise<unknown>> | undefined;
}
const MOST_MS = 6_000;

/**
 * Runs one piece of work after the other for each key, so that one document that is locked elsewhere takes one connection
 * of the pool and not all of them. What has waited too long is refused.
 */
export async function serially<T>(key: string, work: () => Promise<T>): Promise<T> {
  const queues = (globalThis.redLadderQueues ??= new Map());
  const before = queues.get(key) ?? Promise.resolve();
  const began = Date.now();
  const mine = before.then(() => {
    if (Date.now() - began > MOST_MS) throw new BusyError('something else has been changing this for too long');
    return work();
  });
  const settled = mine.catch(() => undefined);
  queues.set(key, settled);
  void settled.then(() => {
    if (queues.get(key) === settled) queues.delete(key);
  });
  return mine;
}
