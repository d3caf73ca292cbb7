'use client';
import { useEffect, useRef, type Dispatch } from 'react';
import { useUnloadGuard } from '@/client/useUnloadGuard';
import type { Refusal, SaveOutcome } from '@/contracts/changes';
import type { BoardAction, BoardState } from './boardState';

const RETRY_MS = 3000;

/** Stores every edit at once, one request at a time, oldest first; what could not be stored stays and is tried again. */
export function useSaveQueue(state: BoardState, dispatch: Dispatch<BoardAction>): void {
  const { pending, revision, stale, problem } = state;
  const busy = useRef(false);
  const treeId = state.tree.id;

  useEffect(() => {
    if (busy.current || pending.length === 0 || stale || problem) return;
    busy.current = true;
    const diffs = pending.slice(0, 200);
    void save(treeId, revision, diffs).then((answer) => {
      busy.current = false;
      if ('problem' in answer) dispatch({ type: 'problem', problem: answer.problem });
      else if (answer.saved) dispatch({ type: 'saved', count: diffs.length, revision: answer.revision });
      else dispatch({ type: 'stale', stale: answer });
    });
  }, [treeId, pending, revision, stale, problem, dispatch]);

  useEffect(() => {
    if (!problem || pending.length === 0) return;
    const timer = setTimeout(() => dispatch({ type: 'problem', problem: null }), RETRY_MS);
    return () => clearTimeout(timer);
  }, [problem, pending, dispatch]);

  useUnloadGuard(pending.length > 0);
}

async function save(treeId: string, baseRevision: number, diffs: BoardState['pending']): Promise<SaveOutcome | { problem: string }> {
  try {
    const response = await fetch(`/api/trees/${encodeURIComponent(treeId)}/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ baseRevision, diffs }),
    });
    if (response.ok || response.status === 409) return (await response.json()) as SaveOutcome;
    const refusal = (await response.json()) as Refusal;
    return { problem: refusal.problems.join(' ') };
  } catch {
    return { problem: 'The server does not answer. Your edits are kept in this window and stored as soon as it does.' };
  }
}
