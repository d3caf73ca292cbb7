'use client';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { DocumentKind } from '@/documents/lists';
import { useUnloadGuard } from '../useUnloadGuard';
import { openDocument, storedWord, type DocumentState, type Named, type StoredWord } from './documentState';
import { Session, sessionOf } from './session';
import { useRefreshOnReturn } from './useRefreshOnReturn';

export interface OpenDocument<D extends Named> {
  readonly document: D;
  readonly state: DocumentState<D>;
  readonly stored: StoredWord;
  /** What would be undone and done again next, in words; null = nothing. */
  readonly undoes: string | null;
  readonly redoes: string | null;
  edit(label: string, change: (document: D) => D): void;
  undo(): void;
  redo(): void;
  readonly session: Session<D>;
}

/**
 * A document that is edited: shown at once, stored one edit after the other, undone and done again, told when others changed
 * it, kept in the browser until the server has it. `quiet`: changes of others that touch nothing of mine are merged and told.
 */
export function useDocument<D extends Named>(
  kind: DocumentKind,
  opened: { readonly document: D; readonly revision: number },
  { quiet = true } = {},
): OpenDocument<D> {
  const { document, revision } = opened;
  // On the server, and for the first picture, the document is as it was read.
  const [session] = useState(() =>
    typeof window === 'undefined' ? new Session(kind, document, revision) : sessionOf(kind, document, revision),
  );
  const [first] = useState(() => openDocument(kind, document, revision));
  const state = useSyncExternalStore(session.subscribe, session.getState, () => first);
  useEffect(() => {
    session.opened({ document, revision }, quiet);
  }, [session, document, revision, quiet]);
  useRefreshOnReturn(useMemo(() => [session], [session]));
  useUnloadGuard(state.pending.length > 0);
  const methods = useMemo(
    () => ({
      edit: (label: string, change: (document: D) => D) => session.edit(label, change),
      undo: () => session.undo(),
      redo: () => session.redo(),
    }),
    [session],
  );
  return {
    document: state.document,
    state,
    stored: storedWord(state as unknown as DocumentState),
    undoes: state.past.at(-1)?.label ?? null,
    redoes: state.future.at(-1)?.label ?? null,
    ...methods,
    session,
  };
}
