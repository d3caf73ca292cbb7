import type { Named } from './documentState';
import { ask } from '../api';
import { claimWindow, keep, takeLeft } from './outbox';
import { documentAddress, findSession, sessionOf } from './session';

let begun = false;

/** Takes up, once for each page, what pages that are gone could not store: also of documents that no screen shows now. */
export async function recoverLeft(): Promise<void> {
  if (begun) return;
  begun = true;
  await claimWindow();
  for (const kept of await takeLeft()) {
    const known = findSession(kept.kind, kept.id);
    if (known) {
      known.recover(kept);
      continue;
    }
    const read = await ask<{ document: Named; revision: number }>(documentAddress(kept.kind, kept.id));
    if (read.ok) sessionOf(kept.kind, read.value.document, read.value.revision).recover(kept);
    else {
      // It stays kept until the server answers, or the document is brought back; the next screen tries again.
      keep(kept);
      begun = false;
    }
  }
}
