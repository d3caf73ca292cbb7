import type { Named } from './documentState';
import { ask, isPassing } from '../api';
import { adopt, findLeft, type Left } from './outbox';
import { documentAddress, findSession, makeSession, sessionOf, type Session } from './session';

const TRY_AGAIN_MS = 5000;
const GONE = [404, 410];
let running: Promise<void> | null = null;

/** The session that goes on with it; null = it cannot be had now. */
async function sessionFor({ kind, id, made }: Left): Promise<Session<Named> | 'later' | null> {
  const known = findSession(kind, id);
  if (known) return known;
  const read = await ask<{ document: Named; revision: number }>(documentAddress(kind, id));
  if (read.ok) return sessionOf(kind, read.value.document, read.value.revision);
  if (made && GONE.includes(read.status)) return makeSession(kind, made, []);
  return isPassing(read) && !GONE.includes(read.status) ? 'later' : null;
}

async function recoverNow(): Promise<void> {
  let isLater = false;
  for (const left of await findLeft()) {
    const session = await sessionFor(left);
    if (session === 'later') isLater = true;
    // A document that was deleted may be brought back: what was done to it stays kept, and is asked about by the next screen.
    else session?.recover(adopt(left));
  }
  if (isLater) setTimeout(() => void recoverLeft(), TRY_AGAIN_MS);
}

/** Takes up what pages that are gone could not store: also of documents that no screen shows now. */
export function recoverLeft(): Promise<void> {
  running ??= recoverNow().finally(() => (running = null));
  return running;
}
