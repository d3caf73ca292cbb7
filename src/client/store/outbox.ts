import type { Edit } from '@/contracts/documents';
import type { DocumentKind } from '@/documents/lists';

/** Edits that the server does not have yet, kept in the browser so that they outlive the page. */
export interface Kept {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly revision: number;
  readonly edits: readonly Edit[];
}

const PREFIX = 'red-ladder/outbox/';
const WINDOW_KEY = 'red-ladder/window';
const lockName = (window: string): string => `red-ladder-window-${window}`;

/** Holds a lock for as long as the page lives, so that other windows know whose edits are in good hands. False = somebody has it. */
const holdLock = (name: string): Promise<boolean> =>
  new Promise((resolve) => {
    if (!('locks' in navigator)) return resolve(true);
    void navigator.locks.request(name, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<void>(() => undefined);
    });
  });

let mine: string | null = null;
/** This window's own name; the same after a reload, another one in a duplicated tab. */
function windowName(): string {
  if (mine !== null) return mine;
  mine = sessionStorage.getItem(WINDOW_KEY) ?? crypto.randomUUID();
  sessionStorage.setItem(WINDOW_KEY, mine);
  void holdLock(lockName(mine));
  return mine;
}
/** To be called once when the page begins: a duplicated tab takes a name of its own before it keeps anything. */
export async function claimWindow(): Promise<void> {
  if (mine !== null) return;
  const name = sessionStorage.getItem(WINDOW_KEY) ?? crypto.randomUUID();
  const isFree = await holdLock(lockName(name));
  if (mine !== null) return;
  mine = isFree ? name : crypto.randomUUID();
  if (!isFree) void holdLock(lockName(mine));
  sessionStorage.setItem(WINDOW_KEY, mine);
}

const keyFor = (window: string, kind: DocumentKind, id: string): string => `${PREFIX}${window}/${kind}/${id}`;

/** Keeps what is pending, or forgets it when nothing is. False = the browser has no room for it. */
export function keep({ kind, id, revision, edits }: Kept): boolean {
  const key = keyFor(windowName(), kind, id);
  try {
    if (edits.length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify({ kind, id, revision, edits } satisfies Kept));
    return true;
  } catch {
    return false;
  }
}

/** What windows that are gone, or this one before it was reloaded, have left behind; each is taken once. */
export async function takeLeft(): Promise<Kept[]> {
  const held = 'locks' in navigator ? ((await navigator.locks.query()).held ?? []).map((lock) => lock.name) : [];
  const left: Kept[] = [];
  for (const key of Object.keys(localStorage).filter((name) => name.startsWith(PREFIX)).sort()) {
    const window = key.slice(PREFIX.length).split('/')[0]!;
    if (window !== windowName() && held.includes(lockName(window))) continue;
    try {
      const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Kept | null;
      if (kept && Array.isArray(kept.edits) && kept.edits.length > 0) left.push(kept);
    } catch {
      // Written by something else: not ours to read.
    }
    localStorage.removeItem(key);
  }
  return left;
} // prettier-ignore
