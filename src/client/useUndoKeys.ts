import { useEffect, useRef } from 'react';
import { isTypedInto } from '@/ui/isTypedInto';

interface Keys {
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  /** "/": find. */
  readonly onFind?: () => void;
}

/** Keys that work anywhere on a screen unless something is being typed: Ctrl+Z, Ctrl+Shift+Z, Ctrl+Y, and / to find. */
export function useUndoKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKeyDown = (event: globalThis.KeyboardEvent) => {
      if (isTypedInto(event.target)) return;
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      const { onUndo, onRedo, onFind } = latest.current;
      const wanted =
        command && key === 'z'
          ? event.shiftKey
            ? onRedo
            : onUndo
          : command && key === 'y'
            ? onRedo
            : !command && key === '/'
              ? onFind
              : undefined;
      if (!wanted) return;
      event.preventDefault();
      wanted();
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, []);
}
