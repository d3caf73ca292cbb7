import type { Edit } from '@/contracts/documents';
import type { DocumentKind } from '@/documents/lists';
import type { Named } from './documentState';

/** Edits that the server does not have yet, kept in the browser so that they outlive the page. */
export interface Kept {
  readonly kind: DocumentKind;
  readonly id: string;
  /** 0 = the server does not have the document either: it is kept as it was `made`. */
  readonly revision: number;
  readonly edits: readonly Edit[];
  readonly made?: Named;
}
/** What lies in one place of the browser's store. */
export interface Left extends Kept {
  readonly place: string;
}

const PREFIX = 'red-ladder/outbox/';
const lockName = (page: string): string => `red-ladder-window-${page}`;

let claimed: { readonly page: string; readonly isHeld: Promise<void> } | null = null;
/** This page's own name: after a reload another one, so that what is kept anew never covers what was left behind. */
function claim() {
  if (claimed) return claimed;
  const page = crypto.randomUUID();
  // A lock held for as long as the page lives tells the others whose edits are in good hands.
  const isHeld = new Promise<void>((resolve) => {
    if (!('locks' in navigator)) return resolve();
    void navigator.locks.request(lockName(page), () => (resolve(), new Promise<void>(() => undefined)));
  });
  return (claimed = { page, isHeld });
}

function put(place: string, kept: Kept): boolean {
  try {
    localStorage.setItem(place, JSON.stringify(kept));
    return true;
  } catch {
    return false;
  }
}
/** It is not needed any more: the server has it, or it is kept in another place. */
export const forget = (place: string): void => localStorage.removeItem(place);

/** Keeps what is pending, or forgets it when nothing is. False = the browser has no room for it. */
export function keep({ kind, id, revision, edits, made }: Kept): boolean {
  const place = `${PREFIX}${claim().page}/${kind}/${id}`;
  if (edits.length > 0) return put(place, { kind, id, revision, edits, made });
  forget(place);
  return true;
}

/** Moves what was left behind to this page's name, so that nobody else takes it up; it stays kept until it is forgotten. */
export function adopt({ place, ...kept }: Left): Left {
  const own = `${PREFIX}${claim().page}/left/${crypto.randomUUID()}`;
  // Without room for both it stays where it is: taken up twice does no harm, since its edits have ids.
  if (!put(own, kept)) return { place, ...kept };
  forget(place);
  return { place: own, ...kept };
}

function readKept(place: string): Left | null {
  try {
    const kept = JSON.parse(localStorage.getItem(place) ?? 'null') as Kept | null;
    return kept && Array.isArray(kept.edits) && kept.edits.length > 0 ? { ...kept, place } : null;
  } catch {
    return null;
  }
}

/** What pages that are gone have left behind, oldest name first. */
export async function findLeft(): Promise<Left[]> {
  const { page, isHeld } = claim();
  await isHeld;
  const held = 'locks' in navigator ? ((await navigator.locks.query()).held ?? []).map((lock) => lock.name) : [];
  const left: Left[] = [];
  for (const place of Object.keys(localStorage).filter((name) => name.startsWith(PREFIX)).sort()) {
    const owner = place.slice(PREFIX.length).split('/')[0]!;
    if (owner === page || held.includes(lockName(owner))) continue;
    const kept = readKept(place);
    if (kept) left.push(kept);
    else forget(place);
  }
  return left;
} // prettier-ignore
