'use client';
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import type { DocumentKind } from '@/documents/lists';
import type { Answer } from '../api';
import { bringBackDocument, deleteDocument, readDocument } from '../documents';
import { useUnloadGuard } from '../useUnloadGuard';
import { storedWord, worstOf, type DocumentState, type Named, type StoredWord } from './documentState';
import { recoverLeft } from './recover';
import { findMade, makeSession, Session, sessionOf, subscribeMade } from './session';

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

/** All documents of a kind on one screen, each with a session of its own; made, deleted and brought back there. */
export function useDocuments<D extends Named>(kind: DocumentKind, opened: readonly Opened<D>[]): OpenDocuments<D> {
  const open = useCallback(
    ({ document, revision }: Opened<D>) =>
      typeof window === 'undefined' ? new Session(kind, document, revision) : sessionOf(kind, document, revision),
    [kind],
  );
  const [sessions, setSessions] = useState(() => opened.map(open));
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
  const states = useSyncExternalStore(subscribe, getStates, getStates);
  useEffect(() => {
    for (const item of opened) {
      const session = sessions.find((one) => one.getState().document.id === item.document.id);
      session?.opened(item, true);
    }
  }, [opened, sessions]);
  useEffect(() => {
    const take = () =>
      setSessions((list) => [...list, ...(findMade(kind) as unknown as Session<D>[]).filter((made) => !list.includes(made))]);
    take();
    return subscribeMade(take);
  }, [kind]);
  useEffect(() => {
    recoverLeft();
    const onReturn = () => window.document.visibilityState === 'visible' && sessions.forEach((session) => void session.refresh());
    window.addEventListener('focus', onReturn);
    return () => window.removeEventListener('focus', onReturn);
  }, [sessions]);
  useUnloadGuard(states.some((state) => state.pending.length > 0));
  return useMemo(() => {
    const find = (id: string) => sessions.find((session) => session.getState().document.id === id) ?? null;
    const add = (item: Opened<D>) => {
      const session = open(item);
      session.opened(item, true);
      setSessions((list) => [...list.filter((one) => one !== session), session]);
    };
    return {
      items: states.filter((state) => !state.gone).map((state) => state.document),
      stored: worstOf(states.map((state) => storedWord(state as unknown as DocumentState))),
      stale: sessions.find((session) => session.getState().stale !== null) ?? null,
      sessionOf: find,
      edit: (id, label, change) => find(id)?.edit(label, change),
      read: () => sessions.forEach((session) => session.dispatch({ type: 'read' })),
      create: (document) => void makeSession(kind, document),
      remove: async (id) => {
        if (find(id)?.getState().revision === 0) return { ok: false, status: 0, problems: ['It is not stored yet.'] };
        const gone = await deleteDocument(kind, id);
        if (gone.ok) setSessions((list) => list.filter((session) => session.getState().document.id !== id));
        return gone;
      },
      bringBack: async (id) => {
        const back = await bringBackDocument(kind, id);
        if (!back.ok) return back;
        const read = await readDocument<D>(kind, id);
        if (!read.ok) return read;
        add(read.value);
        return read;
      },
    };
  }, [kind, sessions, states, open]);
}
