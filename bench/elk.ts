import { Worker } from 'node:worker_threads';
import type { ElkNode } from 'elkjs/lib/elk-api';

const LIMIT_MS = 60_000;
const CODE = `
  const { parentPort, workerData } = require('node:worker_threads');
  const ELK = require('elkjs/lib/elk.bundled.js');
  const began = performance.now();
  new ELK().layout(JSON.parse(workerData)).then((drawn) => parentPort.postMessage({ drawn, ms: performance.now() - began }));
`;

/** elkjs in a thread of its own, so that a layout that takes too long can be ended; `drawn` is null then. */
export function layoutByElk(input: ElkNode): Promise<{ drawn: ElkNode | null; ms: number }> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(CODE, { eval: true, workerData: JSON.stringify(input) });
    const timer = setTimeout(() => {
      void worker.terminate();
      resolve({ drawn: null, ms: LIMIT_MS });
    }, LIMIT_MS);
    worker.once('message', (answer: { drawn: ElkNode; ms: number }) => {
      clearTimeout(timer);
      void worker.terminate();
      resolve(answer);
    });
    worker.once('error', reject);
  });
}
