import type { SaveOutcome } from '@/contracts/documents';
import { sameValue, seededRandom, type Random } from '@/core/base';
import {
  mergedOnto,
  openDocument,
  reduceDocument,
  type DocumentAction,
  type DocumentState,
  type Named,
} from '@/client/store/documentState';
import { removeFolder, startServer } from '../../tests/e2e/server';
import { begin, documentUrl, KINDS, send, type TrialKind, type Verdict } from './http';

type State = DocumentState<Named>;
const WORDS = ['north', 'east', 'south', 'west', 'high', 'low'];

/** An edit that often touches what the other window touches: the name, a list of words, a row of the same id. */
function changed(kind: TrialKind, document: Named, random: Random, k: number): Named {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const list = (
    {
      tree: 'schools',
      athlete: 'physique',
      opponent: 'physique',
      group: 'members',
      ruleCard: 'levels',
      class: 'dropped',
      catalogueWords: null,
    } as const
  )[kind];
  const now = document as Named & Record<string, unknown>;
  const roll = random();
  if (roll < 0.35 || list === null) return { ...document, name: `${pick(WORDS)} ${k % 5}` };
  if (roll < 0.75 || kind !== 'tree') {
    const words = ((now[list] as string[] | undefined) ?? []).filter((word) => word !== pick(WORDS));
    return { ...document, [list]: [...new Set([...words, `${pick(WORDS)}-${k % 7}`])].slice(-20) } as Named;
  }
  const rows = now.positions as { id: string; name: string }[];
  const id = pick(WORDS);
  const row = { id, name: `${id} ${k % 3}`, family: 'transit', lines: [], tempo: 'neutral', reads: [] };
  return {
    ...document,
    positions: rows.some((item) => item.id === id) ? rows.map((item) => (item.id === id ? row : item)) : [...rows, row],
  } as Named;
}

class Window {
  state: State;
  clashes = 0;
  merges = 0;
  constructor(
    private readonly baseUrl: string,
    private readonly kind: TrialKind,
    document: Named,
    revision: number,
  ) {
    this.state = openDocument(kind, document, revision);
  }
  private act(action: DocumentAction): void {
    this.state = reduceDocument(this.state, action);
  }
  edit(random: Random, k: number, label: string): void {
    this.act({ type: 'edit', id: crypto.randomUUID(), label, document: changed(this.kind, this.state.document, random, k) });
  }
  /** Stores what is pending; what clashes is dropped, as a coach who takes the other's does. Null, or what went wrong. */
  async store(): Promise<string | null> {
    while (this.state.pending.length > 0) {
      const { pending, revision, document } = this.state;
      const edits = pending.slice(0, 50);
      const url = `${documentUrl(this.baseUrl, this.kind, document.id)}/changes`;
      const reply = await send(url, 'POST', { baseRevision: revision, edits });
      const outcome = reply.value as SaveOutcome;
      if (reply.status === 200 && outcome.saved) this.act({ type: 'saved', ids: edits.map((edit) => edit.id), revision: outcome.revision });
      else if (reply.status === 409 && !outcome.saved) {
        this.act({ type: 'stale', stale: outcome });
        this.clashes += mergedOnto(this.state, outcome.document).clashing.length;
        this.merges++;
        this.act({ type: 'mineOnTop' });
      } else return `${reply.status} ${JSON.stringify(reply.value).slice(0, 300)}`;
    }
    return null;
  }
}

async function onKind(baseUrl: string, kind: TrialKind, count: number): Promise<Verdict> {
  const id = await begin(baseUrl, kind, 'contested');
  const read = async () => (await send(documentUrl(baseUrl, kind, id), 'GET')).value as { document: Named; revision: number };
  const { document, revision } = await read();
  const windows = [new Window(baseUrl, kind, document, revision), new Window(baseUrl, kind, document, revision)];
  const work = async (window: Window, seed: number): Promise<string | null> => {
    const random = seededRandom(seed);
    for (let k = 0; k < count / 2; k++) {
      window.edit(random, k, `window ${seed}, edit ${k}`);
      if (random() < 0.6) {
        const wrong = await window.store();
        if (wrong) return wrong;
      }
    }
    return window.store();
  };
  const wrong = (await Promise.all(windows.map((window, i) => work(window, i + 1)))).filter((item) => item !== null);
  const now = await read();
  for (const window of windows) {
    // Both windows come back to the front.
    const { value } = await send(`${documentUrl(baseUrl, kind, id)}/changes?since=${window.state.revision}`, 'GET');
    const outcome = value as SaveOutcome;
    if (!outcome.saved)
      window.state = reduceDocument(reduceDocument(window.state, { type: 'stale', stale: outcome }), { type: 'takeTheirs' });
    if (!sameValue(window.state.document, now.document)) wrong.push('a window shows something else than is stored');
  }
  const { value } = await send(`${documentUrl(baseUrl, kind, id)}/changes?since=1`, 'GET');
  const labels = ((value as { since?: { label: string }[] }).since ?? []).map((change) => change.label);
  if (new Set(labels).size !== labels.length) wrong.push('an edit is in the log twice');
  const [merges, clashes] = [windows.reduce((sum, one) => sum + one.merges, 0), windows.reduce((sum, one) => sum + one.clashes, 0)];
  const said = `${labels.length} stored, ${merges} times merged, ${clashes} clashed and were told`;
  return { what: `${count} edits in two windows: ${kind}`, said: [said, ...wrong].join('; '), good: wrong.length === 0 && merges > 0 };
}

/** Two windows edit the same document of every kind at once, often in the same place. */
export async function conflicts(count: number): Promise<Verdict[]> {
  const server = await startServer([]);
  try {
    const verdicts: Verdict[] = [];
    for (const kind of KINDS) verdicts.push(await onKind(server.baseUrl, kind, count));
    return verdicts;
  } finally {
    await server.stop();
    await removeFolder(server.data);
  }
}
