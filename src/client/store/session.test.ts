import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Edit } from '@/contracts/documents';

/** A browser's store, locks and server, as far as a page of ours notices them. */
const browser = { kept: new Map<string, string>(), locks: new Map<string, (() => unknown)[]>(), hasRoom: true };
const server = {
  isUp: true,
  asked: [] as { path: string; body: { baseRevision?: number; edits?: Edit[]; edit?: string } }[],
  answer: null as unknown,
};
const storage = () =>
  new Proxy(
    {
      getItem: (key: string) => browser.kept.get(key) ?? null,
      setItem: (key: string, value: string) => {
        if (!browser.hasRoom) throw new DOMException('full', 'QuotaExceededError');
        browser.kept.set(key, value);
      },
      removeItem: (key: string) => void browser.kept.delete(key),
    },
    { ownKeys: () => [...browser.kept.keys()], getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }) },
  );
/** Whoever asks for a lock gets it when those before him have let go. */
const locks = {
  request: async (name: string, hold: () => Promise<unknown>) => {
    const waiting = browser.locks.get(name);
    if (waiting) await new Promise<void>((resolve) => waiting.push(resolve));
    browser.locks.set(name, waiting ?? []);
    await hold();
    letGo(name);
  },
};
function letGo(name: string): void {
  const next = browser.locks.get(name)?.shift();
  if (next) next();
  else browser.locks.delete(name);
}
const person = { id: 'pia', name: 'Pia' };
let stored: { document: { id: string; name: string }; revision: number; edits: string[] } | null;

/** One document, each edit taken once. */
function respond(path: string, body: (typeof server.asked)[number]['body']): [number, unknown] {
  if (server.answer) return [200, server.answer];
  if (path.endsWith('/changes')) {
    const fresh = body.edits!.filter((edit) => !stored!.edits.includes(edit.id));
    stored!.edits.push(...fresh.map((edit) => edit.id));
    stored!.revision += fresh.length;
    return [200, { saved: true, revision: stored!.revision }];
  }
  if (body.edit) {
    stored ??= { document: (body as { document: typeof person }).document, revision: 1, edits: [] };
    stored.edits.push(body.edit);
    return [201, { id: stored.document.id }];
  }
  return stored ? [200, { document: stored.document, revision: stored.revision }] : [404, { problems: ['There is no such document.'] }];
}
const fakeFetch = (path: string, init?: { body?: string }): Promise<Response> => {
  const body = JSON.parse(init?.body ?? '{}') as (typeof server.asked)[number]['body'];
  if (!server.isUp) return Promise.reject(new TypeError('fetch failed'));
  server.asked.push({ path, body });
  const [status, value] = respond(path, body);
  return Promise.resolve(Response.json(value, { status }));
};

/** A page as it begins; the one before is gone with all that it had in memory, unless both stay open. */
async function newPage({ beside = false } = {}) {
  vi.resetModules();
  if (!beside) {
    vi.clearAllTimers();
    browser.locks.clear();
  }
  vi.stubGlobal('localStorage', storage());
  const [session, recover, { storedWord }] = await Promise.all([import('./session'), import('./recover'), import('./documentState')]);
  return { ...session, ...recover, storedWord };
}
const settled = (ms = 0) => vi.advanceTimersByTimeAsync(ms);
const renamed = (name: string) => (document: typeof person) => ({ ...document, name });

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('navigator', { locks });
  vi.stubGlobal('fetch', fakeFetch);
  browser.kept.clear();
  browser.locks.clear();
  Object.assign(browser, { hasRoom: true });
  Object.assign(server, { isUp: true, asked: [], answer: null });
  stored = { document: person, revision: 1, edits: [] };
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('what was left behind', () => {
  it('stays kept until the server has it, also when the next page is typed into at once and dies, too', async () => {
    server.isUp = false;
    (await newPage()).sessionOf('athlete', person, 1).edit('first', renamed('Pia H.'));
    await settled(10);
    const second = await newPage();
    second.sessionOf('athlete', person, 1).edit('second', (document) => ({ ...document, notes: 'left-handed' }));
    second.recoverLeft();
    await settled(10);
    expect([...browser.kept.values()].join(' ')).toMatch(/first.*second|second.*first/s);
    const third = await newPage();
    third.sessionOf('athlete', person, 1);
    server.isUp = true;
    third.recoverLeft();
    await settled(20_000);
    expect(stored!.edits).toHaveLength(2);
    expect(browser.kept.size).toBe(0);
  });
  it('of a page that lives is left alone until it goes, and is then taken up without being asked for', async () => {
    server.isUp = false;
    (await newPage()).sessionOf('athlete', person, 1).edit('first', renamed('Pia H.'));
    const [alive] = browser.locks.keys();
    const other = await newPage({ beside: true });
    other.sessionOf('group', { id: 'g', name: 'G' }, 1);
    other.recoverLeft();
    await settled(10);
    expect(other.findSession('athlete', 'pia')).toBeNull();
    vi.clearAllTimers();
    server.isUp = true;
    letGo(alive!);
    await settled(20_000);
    expect(stored!.edits).toHaveLength(1);
    expect(browser.kept.size).toBe(0);
  });
  it('waits while the server does not answer, and is asked about again', async () => {
    server.isUp = false;
    (await newPage()).sessionOf('athlete', person, 1).edit('first', renamed('Pia H.'));
    const next = await newPage();
    next.recoverLeft();
    await settled();
    server.isUp = true;
    await settled(20_000);
    expect(stored!.edits).toHaveLength(1);
    expect(browser.kept.size).toBe(0);
  });
});

describe('a document made while the server is away', () => {
  const fresh = { id: 'kim-1', name: 'New person' };
  it('is shown, edited, outlives the page, and is made once with all that was done to it', async () => {
    stored = null;
    server.isUp = false;
    const made = (await newPage()).makeSession('athlete', fresh);
    made.edit('named', renamed('Kim'));
    await settled(10);
    expect(made.getState()).toMatchObject({ revision: 0, document: { name: 'Kim' } });
    const next = await newPage();
    const seen = vi.fn();
    next.subscribeMade(seen);
    server.isUp = true;
    next.recoverLeft();
    await settled(1);
    expect(seen).toHaveBeenCalled();
    expect(next.findSession('athlete', 'kim-1')!.getState().document.name).toBe('Kim');
    await settled(20_000);
    expect(stored).toMatchObject({ document: fresh, revision: 2, edits: { length: 2 } });
    expect(server.asked.filter(({ body }) => body.edit)).toHaveLength(1);
    expect(browser.kept.size).toBe(0);
  });
  it('that is refused is gone, with one sentence', async () => {
    const page = await newPage();
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ problems: ['The name is missing.'] }, { status: 422 })));
    const made = page.makeSession('athlete', fresh);
    made.edit('named', renamed('Kim'));
    await settled(10);
    expect(made.getState()).toMatchObject({ gone: true, pending: [] });
    expect(page.storedWord(made.getState())).toEqual({ word: 'refused', why: '“Kim” was taken back: The name is missing.' });
    expect(browser.kept.size).toBe(0);
  });
});

describe('what cannot be sent', () => {
  it('is said and tried now and then, not without pause', async () => {
    const page = await newPage();
    server.answer = { saved: false };
    const session = page.sessionOf('athlete', person, 1);
    session.edit('first', renamed('Pia H.'));
    await settled(10_000);
    expect(server.asked.length).toBeLessThan(6);
    expect(page.storedWord(session.getState() as never)).toMatchObject({ word: 'not stored yet', why: /could not send it.*kept here/s });
    server.answer = null;
    await settled(10_000);
    expect(stored!.edits).toHaveLength(1);
  });
  it('and cannot be kept either is said, too', async () => {
    const page = await newPage();
    browser.hasRoom = false;
    server.isUp = false;
    const session = page.sessionOf('athlete', person, 1);
    session.edit('first', renamed('Pia H.'));
    await settled(10);
    expect(page.storedWord(session.getState() as never).why).toMatch(/no room .* leave this window open/);
  });
});
