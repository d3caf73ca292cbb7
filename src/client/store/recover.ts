import type { Named } from './documentState';
import { ask, isPassing } from '../api';
import { adopt, whenLeft, type Left } from './outbox';
import { documentAddress, findSession, makeSession, sessionOf, type Session } from './session';

const TRY_AGAIN_MS = 5000;
const GONE = [404, 410];

/** The session that goes on with it; null = it cannot be had now. */
async function sessionFor({ kind, id, made }: Left): Promise<Session<Named> | 'later' | null> {
  const known = findSession(kind, id);
  if (known) return known;
  const read = await ask<{ document: Named; revision: number }>(documentAddress(kind, id));
  if (read.ok) return sessionOf(kind, read.value.document, read.value.revision);
  if (made && GONE.includes(read.status)) return makeSession(kind, made, []);
  return isPassing(read) && !GONE.includes(read.status) ? 'later' : null;
}

async function recover(all: readonly Left[]): Promise<void> {
  for (const left of all) {
    const session = await sessionFor(left);
    if (session === 'later') setTimeout(recoverLeft, TRY_AGAIN_MS);
    // A document that was deleted may be brought back: what was done to it stays kept, and is asked about by the next screen.
    else session?.recover(adopt(left));
  }
}

/** Takes up what pages that are gone could not store, and what those that are open leave when they go. */
export const recoverLeft = (): void => whenLeft(recover);
