import { seededRandom, type Random } from '@/core/base';
import { formatTreeFile } from '@/core/notation';
import { parseTreeFile } from '@/documents/tree/file';
import { demoTree } from '../../demo/demoTree';
import { wholeTree } from '../../tests/fixtures/wholeTree';
import { removeFolder, startServer } from '../../tests/e2e/server';
import { HOSTILE } from '../../tests/support/hostileTree';
import { documentUrl, send, type Verdict } from './http';

type Json = { [key: string]: Json } | Json[] | string | number | boolean | null;
const STRANGE: readonly Json[] = [
  null,
  true,
  -1,
  1e308,
  0.1,
  '',
  ' ',
  '\u0000',
  '\ud800',
  '<script>',
  '\u202e',
  'x'.repeat(5000),
  [],
  {},
  [[]],
  [null],
  { a: 1 },
  ...HOSTILE,
  '__proto__',
];

/** Every list and record of the file, to be changed somewhere. */
function* containers(value: Json): Generator<Json[] | { [key: string]: Json }> {
  if (typeof value !== 'object' || value === null) return;
  yield value;
  for (const item of Object.values(value)) yield* containers(item);
}

/** The file with one to three things in it wrong, as a text. */
function mutated(text: string, random: Random): string {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  if (random() < 0.2) {
    const at = Math.floor(random() * text.length);
    return random() < 0.5
      ? text.slice(0, at)
      : text.slice(0, at) + pick(['"', '{', ',', '\\', '0', '}', '\u0007', '"id": "x", ']) + text.slice(at + Math.floor(random() * 3));
  }
  const file = JSON.parse(text) as Json;
  const places = [...containers(file)];
  for (let n = 1 + Math.floor(random() * 3); n > 0; n--) {
    const place = pick(places);
    const keys = Object.keys(place);
    const key = keys.length > 0 && (Array.isArray(place) || random() < 0.85) ? pick(keys) : Array.isArray(place) ? '0' : pick(HOSTILE);
    const record = place as { [key: string]: Json };
    const roll = random();
    if (Array.isArray(place) && roll < 0.3) place.push(...place.slice(0, 3), pick(STRANGE));
    else if (roll < 0.45) delete record[key];
    else if (roll < 0.6 && !Array.isArray(place) && Object.hasOwn(record, key))
      Object.defineProperty(record, pick(HOSTILE), { value: record[key]!, enumerable: true, configurable: true });
    else
      Object.defineProperty(record, key, { value: structuredClone(pick(STRANGE)), enumerable: true, configurable: true, writable: true });
  }
  return JSON.stringify(file);
}

const MOST_LETTERS = 4096;

/** Mutated tree files through the server: a sentence, or taken in without loss; never a failure of the program. */
export async function mutations(count: number): Promise<Verdict[]> {
  const server = await startServer([]);
  const sources = [formatTreeFile(demoTree()), formatTreeFile(wholeTree)];
  const random = seededRandom(7);
  const found = { refused: 0, taken: 0, slowest: 0 };
  const wrong: string[] = [];
  try {
    for (let i = 0; i < count; i++) {
      const text = mutated(sources[i % sources.length]!, random);
      const began = performance.now();
      const { status, value } = await send(`${server.baseUrl}/api/trees`, 'POST', text);
      found.slowest = Math.max(found.slowest, performance.now() - began);
      if (status === 201) {
        found.taken++;
        const { treeId } = value as { treeId: string };
        const sent = parseTreeFile(text);
        const back = await send(documentUrl(server.baseUrl, 'tree', treeId), 'GET');
        const { positions, transitions } = (back.value as { document: { positions: unknown; transitions: unknown } }).document;
        const kept = sent.ok && JSON.stringify([positions, transitions]) === JSON.stringify([sent.value.positions, sent.value.transitions]);
        if (!kept) wrong.push(`file ${i} was taken in with a loss`);
        await send(documentUrl(server.baseUrl, 'tree', treeId), 'DELETE');
      } else {
        found.refused++;
        const { problems = [] } = value as { problems?: string[] };
        const letters = JSON.stringify(value).length;
        if (status < 400 || status >= 500 || problems.length === 0) wrong.push(`file ${i}: ${status}`);
        if (letters > MOST_LETTERS) wrong.push(`file ${i}: a refusal of ${letters} letters`);
        if (problems.some((problem) => /Invalid input|undefined|\[object|expected /.test(problem)))
          wrong.push(`file ${i}: ${problems.find((problem) => /Invalid input|undefined|\[object|expected /.test(problem))}`);
      }
    }
  } finally {
    await server.stop();
    await removeFolder(server.data);
  }
  const said = `${found.refused} refused with a sentence, ${found.taken} taken in whole, the slowest ${Math.round(found.slowest)} ms`;
  return [{ what: `${count} mutated files`, said: [said, ...wrong.slice(0, 10)].join('; '), good: wrong.length === 0 }];
}
