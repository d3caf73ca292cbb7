'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { TreeDocument } from '@/core/tree';
import { readDocument } from './documents';
import { findSession } from './store/session';

interface Read {
  readonly tree: TreeDocument;
  readonly revision: number;
}
const never = () => () => undefined;

/** The tree as this window works on it, if it does already and nothing newer is stored. */
function workedOn(treeId: string, revision: number): Read | null {
  const state = findSession('tree', treeId)?.getState();
  return state && (state.pending.length > 0 || state.revision >= revision)
    ? { tree: state.base as TreeDocument, revision: state.revision }
    : null;
}

/** A tree that follows its page: as this window has it, else fetched. `known` null = on its way, or not to be had (`problem`). */
export function useTree(treeId: string, revision: number): { known: Read | null; problem: string | null; again: () => void } {
  const isBrowser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const [read, setRead] = useState<Read | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  const known = isBrowser ? (read ?? workedOn(treeId, revision)) : null;
  const isKnown = known !== null;
  useEffect(() => {
    if (isKnown) return;
    let current = true;
    void readDocument<TreeDocument>('tree', treeId, revision).then((answer) => {
      if (!current) return;
      if (answer.ok) setRead({ tree: answer.value.document, revision: answer.value.revision });
      else setProblem(answer.problems.join(' '));
    });
    return () => {
      current = false;
    };
  }, [isKnown, treeId, revision, tries]);
  const again = () => {
    setProblem(null);
    setTries(tries + 1);
  };
  return { known, problem, again };
}
