import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { seededRandom } from '@/core/base';
import { newDataFolder, freePort, removeFolder, runStart, type Started } from '../../tests/e2e/server';
import { begin, documentUrl, KINDS, send, type TrialKind, type Verdict } from './http';

const sleep = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

interface Editor {
  readonly kind: TrialKind;
  readonly id: string;
  acknowledged: number;
  refused: string | null;
}

/** Renames one document again and again; an edit without an answer is sent again as it is, until it is acknowledged. */
async function editOn(baseUrl: string, editor: Editor, going: () => boolean): Promise<void> {
  let base = 1;
  for (let k = 1; going(); k++) {
    const row = { id: `p${k}`, name: `P ${k}`, family: 'transit', lines: [], tempo: 'neutral', reads: [] };
    const added = editor.kind === 'tree' ? [{ kind: 'row', list: 'positions', id: row.id, at: k - 1, from: null, to: row }] : [];
    const diff = { label: `edit ${k}`, changes: [{ kind: 'field', field: 'name', from: `x ${k - 1}`, to: `x ${k}` }, ...added] };
    const edit = { id: crypto.randomUUID(), diff };
    for (;;) {
      const reply = await send(`${documentUrl(baseUrl, editor.kind, editor.id)}/changes`, 'POST', { baseRevision: base, edits: [edit] });
      if (reply.status === 200) {
        base = (reply.value as { revision: number }).revision;
        editor.acknowledged = k;
        break;
      }
      if (reply.status >= 400 && reply.status < 500) {
        editor.refused = `${reply.status} ${JSON.stringify(reply.value).slice(0, 200)}`;
        return;
      }
      await sleep(60);
    }
  }
}

/** What is stored of one document: each acknowledged edit once and in order, at most the one on its way besides, and whole. */
async function judge(baseUrl: string, { kind, id, acknowledged, refused }: Editor): Promise<string | null> {
  if (refused) return `${kind}: refused: ${refused}`;
  let reply = await send(`${documentUrl(baseUrl, kind, id)}/changes?since=1`, 'GET');
  // The first to ask after a pulled plug may meet a connection that is gone; whoever asks again does not.
  for (let k = 0; k < 20 && (reply.status === 0 || reply.status >= 500); k++) {
    await sleep(300);
    reply = await send(`${documentUrl(baseUrl, kind, id)}/changes?since=1`, 'GET');
  }
  if (reply.status !== 200 && reply.status !== 409) return `${kind}: cannot be read (${reply.status})`;
  const { value } = reply;
  const { since = [], document } = value as { since?: { label: string }[]; document?: { name: string; positions?: unknown[] } };
  if (acknowledged === 0) return null;
  const labels = since.map((change) => change.label);
  const wanted = labels.map((_, i) => `edit ${i + 1}`);
  if (labels.join() !== wanted.join()) return `${kind}: the log is not one edit after the other`;
  if (labels.length < acknowledged || labels.length > acknowledged + 1)
    return `${kind}: ${acknowledged} acknowledged, ${labels.length} stored`;
  if (document?.name !== `x ${labels.length}`) return `${kind}: half an edit: ${document?.name} after ${labels.length}`;
  if (kind === 'tree' && document.positions?.length !== labels.length)
    return `${kind}: ${document.positions?.length} rows after ${labels.length} edits`;
  return null;
}

/** Pulls the plug of the server or of the database at random moments while every kind of document is being edited. */
export async function plugs(count: number): Promise<Verdict[]> {
  const place = { port: await freePort(), data: await newDataFolder(), isSafe: true };
  let started: Started = await runStart([], place);
  if (!started.output().includes('ready at')) throw new Error(started.output());
  const random = seededRandom(11);
  const { baseUrl } = started;
  let going = true;
  const editors = await Promise.all(
    KINDS.map(async (kind): Promise<Editor> => ({ kind, id: await begin(baseUrl, kind, 'plugged'), acknowledged: 0, refused: null })),
  );
  const editing = editors.map((editor) => editOn(baseUrl, editor, () => going));
  const pg = (command: string) =>
    execFileSync(path.resolve('scripts/pg.sh'), [command], { env: { ...process.env, PG_HOME: path.join(place.data, 'pg') } }).toString();
  const pulled = { server: 0, database: 0 };
  for (let i = 0; i < count; i++) {
    await sleep(300 + random() * 900);
    if (random() < 0.5) {
      pulled.server++;
      const ended = new Promise((resolve) => started.child.once('exit', resolve));
      process.kill(Number(readFileSync(path.join(place.data, 'server.pid'), 'utf8').split(' ')[0]), 'SIGKILL');
      await ended;
      started = await runStart([], place);
    } else {
      pulled.database++;
      process.kill(Number(pg('pid')), 'SIGKILL');
      await sleep(100);
      pg('start');
    }
  }
  await sleep(1500);
  going = false;
  await Promise.all(editing);
  const wrong = (await Promise.all(editors.map((editor) => judge(baseUrl, editor)))).filter((item) => item !== null);
  const total = editors.reduce((sum, editor) => sum + editor.acknowledged, 0);
  await started.stop();
  await removeFolder(place.data);
  const said = `${pulled.server} of the server, ${pulled.database} of the database; ${total} edits acknowledged on ${KINDS.length} kinds`;
  return [
    {
      what: `${count} plugs pulled`,
      said: wrong.length > 0 ? `${said}; ${wrong.join('; ')}` : `${said}; none lost, half or doubled`,
      good: wrong.length === 0 && total > 50,
    },
  ];
}
