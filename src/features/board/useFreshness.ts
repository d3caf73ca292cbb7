'use client';
import { useEffect, useRef, type Dispatch } from 'react';
import type { SaveOutcome } from '@/contracts/changes';
import type { BoardAction, BoardState } from './boardState';

/** When the window comes back to the front, asks whether the tree was changed elsewhere, and says so. */
export function useFreshness(state: BoardState, dispatch: Dispatch<BoardAction>): void {
  const latest = useRef(state);
  useEffect(() => {
    latest.current = state;
  }, [state]);
  useEffect(() => {
    const ask = async () => {
      const { tree, revision, pending, stale } = latest.current;
      if (pending.length > 0 || stale) return;
      const response = await fetch(`/api/trees/${encodeURIComponent(tree.id)}/changes?since=${revision}`).catch(() => null);
      if (!response?.ok) return;
      const outcome = (await response.json()) as SaveOutcome;
      // An edit may have been made and stored while the question was on its way.
      if (!outcome.saved && outcome.revision > latest.current.revision && latest.current.pending.length === 0)
        dispatch({ type: 'stale', stale: outcome });
    };
    const onReturn = () => {
      if (document.visibilityState === 'visible') void ask();
    };
    window.addEventListener('focus', onReturn);
    document.addEventListener('visibilitychange', onReturn);
    return () => {
      window.removeEventListener('focus', onReturn);
      document.removeEventListener('visibilitychange', onReturn);
    };
  }, [dispatch]);
}
