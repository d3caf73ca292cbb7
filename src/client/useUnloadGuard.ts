import { useLayoutEffect } from 'react';

/**
 * Asks before the window is left while something is not stored yet. A layout effect: the guard is gone in the same moment in
 * which the screen says "stored", so nobody is asked about what is safe.
 */
export function useUnloadGuard(isDirty: boolean): void {
  useLayoutEffect(() => {
    if (!isDirty) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [isDirty]);
}
