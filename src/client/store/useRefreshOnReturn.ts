'use client';
import { useEffect } from 'react';
import { recoverLeft } from './recover';

interface Refreshed {
  refresh(): Promise<unknown>;
}

/** What was left behind by a page that is gone is sent; and whenever the coach comes back, what others changed is fetched. */
export function useRefreshOnReturn(sessions: readonly Refreshed[]): void {
  useEffect(() => {
    recoverLeft();
    const onReturn = () => {
      if (document.visibilityState === 'visible') for (const session of sessions) void session.refresh();
    };
    window.addEventListener('focus', onReturn);
    document.addEventListener('visibilitychange', onReturn);
    return () => {
      window.removeEventListener('focus', onReturn);
      document.removeEventListener('visibilitychange', onReturn);
    };
  }, [sessions]);
}
