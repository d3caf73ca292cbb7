import { useEffect, useRef } from 'react';

interface Keys {
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  /** "/": find. */
  readonly onFind?: () => void;
}

/** A field, or an open list in which letters look for an option. */
const isTypedInto = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (/^(INPUT|TEXTAREA)$/.test(target.tagName) || target.closest('[role=listbox]') !== null);

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
