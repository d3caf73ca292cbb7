'use client';
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import type { DocumentKind } from '@/documents/lists';
import type { Answer } from '../api';
import { bringBackDocument, deleteDocument, readDocument } from '../documents';
import { useUnloadGuard } from '../useUnloadGuard';
import { storedWord, worstOf, type DocumentState, type Named, type StoredWord } from './documentState';
import { findMade, makeSession, Session, sessionOf, subscribeMade } from './session';
import { useRefreshOnReturn } from './useRefreshOnReturn';

export interface Opened<D extends Named> {
  readonly document: D;
  readonly revision: number;
}
export interface OpenDocuments<D extends Named> {
  readonly items: readonly D[];
  readonly stored: StoredWord;
  /** One whose copy is older than what is stored, waiting for a choice; null = none. */
  readonly stale: Session<D> | null;
  sessionOf(id: string): Session<D> | null;
  edit(id: string, label: string, change: (document: D) => D): void;
  /** Makes a document under an id that nobody has; shown at once, stored as soon as it can be. */
  create(document: D): void;
  remove(id: string): Promise<Answer<unknown>>;
  bringBack(id: string): Promise<Answer<unknown>>;
  /** What was said was read. */
  read(): void;
}

/** The states of all sessions; the same list as long as none of them changed. */
function useStates<D extends Named>(sessions: readonly Session<D>[]): readonly DocumentState<D>[] {
  const snapshot = useRef<readonly DocumentState<D>[]>([]);
  const getStates = useCallback(() => {
    const now = sessions.map((session) => session.getState());
    const same = now.length === snapshot.current.length && now.every((state, i) => state === snapshot.current[i]);
    return same ? snapshot.current : (snapshot.current = now);
  }, [sessions]);
  const subscribe = useCallback(
    (listener: () => void) => {
      const ends = sessions.map((session) => session.subscribe(listener));
      return () => ends.forEach((end) => end());
    },
    [sessions],
  );
  return useSyncExternalStore(subscribe, getStates, getStates);
}

type SetSessions<D extends Named> = (change: (list: readonly Session<D>[]) => Session<D>[]) => void;

/** Sessions of documents that this window made, whichever screen made them, stand in the list. */
function useMade<D extends Named>(kind: DocumentKind, setSessions: SetSessions<D>): void {
  useEffect(() => {
    const take = () =>
      setSessions((list) => [...list, ...(findMade(kind) as unknown as Session<D>[]).filter((made) => !list.includes(made))]);
    take();
    return subscribeMade(take);
  }, [kind, setSessions]);
}

const openSession = <D extends Named>(kind: DocumentKind, { document, revision }: Opened<D>): Session<D> =>
  typeof window === 'undefined' ? new Session(kind, document, revision) : sessionOf(kind, document, revision);

const findSession = <D extends Named>(sessions: readonly Session<D>[], id: string): Session<D> | null =>
  sessions.find((session) => session.getState().document.id === id) ?? null;

/** Deleting asks the server; what it has not stored yet cannot be deleted there. */
async function removeStored<D extends Named>(kind: DocumentKind, id: string, session: Session<D> | null): Promise<Answer<unknown>> {
  if (session?.getState().revision === 0) return { ok: false, status: 0, problems: ['It is not stored yet.'] };
  return deleteDocument(kind, id);
}

async function bringBackStored<D extends Named>(kind: DocumentKind, id: string): Promise<Answer<Opened<D>>> {
  const back = await bringBackDocument(kind, id);
  return back.ok ? readDocument<D>(kind, id) : back;
}

/** All documents of a kind on one screen, each with a session of its own; made, deleted and brought back there. */
export function useDocuments<D extends Named>(kind: DocumentKind, opened: readonly Opened<D>[]): OpenDocuments<D> {
  const [sessions, setSessions] = useState(() => opened.map((item) => openSession(kind, item)));
  const states = useStates(sessions);
  useEffect(() => {
    for (const item of opened) findSession(sessions, item.document.id)?.opened(item, true);
  }, [opened, sessions]);
  useMade(kind, setSessions);
  useRefreshOnReturn(sessions);
  useUnloadGuard(states.some((state) => state.pending.length > 0));
  return useMemo(
    () => ({
      items: states.filter((state) => !state.gone).map((state) => state.document),
      stored: worstOf(states.map((state) => storedWord(state as unknown as DocumentState))),
      stale: sessions.find((session) => session.getState().stale !== null) ?? null,
      sessionOf: (id) => findSession(sessions, id),
      edit: (id, label, change) => findSession(sessions, id)?.edit(label, change),
      read: () => sessions.forEach((session) => session.dispatch({ type: 'read' })),
      create: (document) => void makeSession(kind, document),
      remove: async (id) => {
        const gone = await removeStored(kind, id, findSession(sessions, id));
        if (gone.ok) setSessions((list) => list.filter((session) => session.getState().document.id !== id));
        return gone;
      },
      bringBack: async (id) => {
        const back = await bringBackStored<D>(kind, id);
        if (!back.ok) return back;
        const session = openSession(kind, back.value);
        session.opened(back.value, true);
        setSessions((list) => [...list.filter((one) => one !== session), session]);
        return back;
      },
    }),
    [kind, sessions, states],
  );
}
