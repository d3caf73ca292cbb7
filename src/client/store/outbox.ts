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

let claimed: { readonly page: string } | null = null;
/** This page's own name: after a reload another one, so that what is kept anew never covers what was left behind. */
function claim() {
  if (claimed) return claimed;
  const page = crypto.randomUUID();
  // A lock held for as long as the page lives tells the others whose edits are in good hands.
  if ('locks' in navigator) void navigator.locks.request(lockName(page), () => new Promise<void>(() => undefined));
  return (claimed = { page });
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

const leftBy = (owner: string): Left[] =>
  Object.keys(localStorage)
    .filter((place) => place.startsWith(`${PREFIX}${owner}/`))
    .sort()
    .flatMap((place) => readKept(place) ?? []);

const watched = new Set<string>();
/**
 * Calls back with what each other page has left behind: at once if it is gone, else when it goes. Only one page at a time
 * takes up what the same page has left.
 */
export function whenLeft(take: (left: readonly Left[]) => Promise<void>): void {
  const { page } = claim();
  const places = Object.keys(localStorage).filter((place) => place.startsWith(PREFIX));
  for (const owner of new Set(places.map((place) => place.slice(PREFIX.length).split('/')[0]!))) {
    if (owner === page || watched.has(owner)) continue;
    watched.add(owner);
    const takeNow = () => take(leftBy(owner)).finally(() => watched.delete(owner));
    if ('locks' in navigator) void navigator.locks.request(lockName(owner), takeNow);
    else void takeNow();
  }
}
