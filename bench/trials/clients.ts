import { formatTreeFile } from '@/core/notation';
import { demoTree } from '../../demo/demoTree';
import { removeFolder, startServer } from '../../tests/e2e/server';
import { ms, type Row } from '../measure';
import { send } from './http';

interface Load {
  readonly answered: number;
  readonly errors: number;
  readonly p50: number;
  readonly p95: number;
}
/** How an edit is sent, and a tree read. */
interface Doors {
  /** All that a browser asks for to show a board. */
  board(treeId: string): readonly string[];
  edit(treeId: string, k: number, revision: number, name: string, was: string): { readonly path: string; readonly body: unknown };
}

const DOORS: Doors = {
  board: (treeId) => [`/board/${treeId}?show=tree`, `/api/documents/tree/${treeId}`],
  edit: (treeId, k, baseRevision, name, was) => ({
    path: `/api/documents/tree/${treeId}/changes`,
    body: {
      baseRevision,
      edits: [{ id: crypto.randomUUID(), diff: { label: `edit ${k}`, changes: [{ kind: 'field', field: 'name', from: was, to: name }] } }],
    },
  }),
};

/** Sixty clients without pause: each reads a board, every fourth edits a tree of its own in between. */
async function clients(
  baseUrl: string,
  doors: Doors,
  treeIds: readonly string[],
  names: readonly string[],
  seconds: number,
): Promise<Load> {
  const until = performance.now() + seconds * 1000;
  const times: number[] = [];
  let errors = 0;
  const client = async (n: number): Promise<void> => {
    const edits = n % 4 === 0;
    const treeId = treeIds[n % treeIds.length]!;
    let [revision, name] = [1, names[n % names.length]!];
    for (let k = 0; performance.now() < until; k++) {
      const began = performance.now();
      if (edits && k % 2 === 1) {
        const next = `Tree ${n}, ${k}`;
        const { path, body } = doors.edit(treeId, k, revision, next, name);
        const reply = await send(baseUrl + path, 'POST', body);
        if (reply.status === 200) [revision, name] = [(reply.value as { revision: number }).revision, next];
        else errors++;
      } else {
        for (const path of doors.board(treeId)) {
          const status = await fetch(baseUrl + path).then(
            async (response) => (await response.text(), response.status),
            () => 0,
          );
          if (status !== 200) errors++;
        }
      }
      times.push(performance.now() - began);
    }
  };
  await Promise.all(Array.from({ length: 60 }, (_, n) => client(n)));
  const sorted = times.toSorted((a, b) => a - b);
  const at = (share: number): number => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return { answered: times.length, errors, p50: at(0.5), p95: at(0.95) };
}

/** The load on a gym of its own, each client with a tree of its own. */
export async function sixtyClients(): Promise<Row[]> {
  const server = await startServer([]);
  try {
    const names = Array.from({ length: 60 }, (_, i) => `Tree of ${i}`);
    const treeIds: string[] = [];
    for (const [i, name] of names.entries()) {
      const reply = await send(`${server.baseUrl}/api/trees`, 'POST', formatTreeFile({ ...demoTree(), id: `load-${i}`, name }));
      treeIds.push((reply.value as { treeId: string }).treeId);
    }
    const { answered, errors, p50, p95 } = await clients(server.baseUrl, DOORS, treeIds, names, 30);
    return [
      { what: 'sixty clients for 30 s, boards read and edits stored', measured: `${answered}, ${errors} errors`, wanted: 'no error' },
      { what: '  half of them within, 95 of 100 within', measured: `${ms(p50)}, ${ms(p95)}`, wanted: 'half of the build before' },
    ];
  } finally {
    await server.stop();
    await removeFolder(server.data);
  }
}
