import { useEffect, useMemo, useRef, type KeyboardEvent } from 'react';
import type { PlacedRung } from '@/core/board';

export interface RungHandlers {
  readonly onSelect: (id: string, section?: number) => void;
  readonly onOpen: (id: string, section: number) => void;
  readonly onHover: (id: string | null) => void;
  readonly onKey: (event: KeyboardEvent, placed: PlacedRung) => void;
}

/** The same handlers in every picture, which do what the newest ones do: the rungs they are handed to need not be drawn anew. */
export function useStableHandlers(handlers: RungHandlers): RungHandlers {
  const latest = useRef(handlers);
  useEffect(() => {
    latest.current = handlers;
  });
  return useMemo(
    () => ({
      onSelect: (...args) => latest.current.onSelect(...args),
      onOpen: (...args) => latest.current.onOpen(...args),
      onHover: (...args) => latest.current.onHover(...args),
      onKey: (...args) => latest.current.onKey(...args),
    }),
    [],
  );
}
