import { idToAddress } from '@/contracts/address';

export interface Reply {
  readonly status: number;
  readonly value: never;
}

/** One request; status 0 = nobody answered in time. */
export async function send(url: string, method: 'GET' | 'POST' | 'DELETE', body?: unknown): Promise<Reply> {
  try {
    const text = body === undefined || typeof body === 'string' ? body : JSON.stringify(body);
    const response = await fetch(url, { method, body: text, signal: AbortSignal.timeout(10_000) });
    return { status: response.status, value: (await response.json()) as never };
  } catch {
    return { status: 0, value: {} as never };
  }
}
export const documentUrl = (baseUrl: string, kind: string, id: string): string => `${baseUrl}/api/documents/${kind}/${idToAddress(id)}`;

/** A first document of every kind, under an id of the trial's own. */
export const FIRST = {
  tree: (id: string) => ({ id, name: 'x 0', owner: 'passer', contexts: [], schools: [], starts: [], positions: [], transitions: [] }),
  class: (id: string) => ({
    id,
    name: 'x 0',
    tree: 'league-evening',
    slotMinutes: 60,
    people: 12,
    bothSides: true,
    warmUpMinutes: 6,
    debriefMinutes: 4,
    changeOverMinutes: 0,
    units: [],
  }),
  athlete: (id: string) => ({ id, name: 'x 0' }),
  opponent: (id: string) => ({ id, name: 'x 0' }),
  group: (id: string) => ({ id, name: 'x 0', members: [] }),
  ruleCard: (id: string) => ({ id, name: 'x 0', contexts: [], forbidden: [], points: [] }),
  catalogueWords: () => ({ id: 'own', name: 'x 0', changedPosition: [], changedTransition: [], position: [], transition: [] }),
} as const;
export type TrialKind = keyof typeof FIRST;
export const KINDS = Object.keys(FIRST) as TrialKind[];

/** Makes the first document of a kind; the id that it got. */
export async function begin(baseUrl: string, kind: TrialKind, id: string): Promise<string> {
  const made = await send(`${baseUrl}/api/documents/${kind}`, 'POST', { edit: crypto.randomUUID(), document: FIRST[kind](id) });
  if (made.status !== 201) throw new Error(`${kind}: ${made.status} ${JSON.stringify(made.value)}`);
  return (made.value as { id: string }).id;
}

export interface Verdict {
  readonly what: string;
  readonly said: string;
  readonly good: boolean;
}
