import { useEffect, useRef, type RefObject } from 'react';
import type { Caret } from '../boardState';

/** When the caret closes the keys are with the rung that it spoke of, not nowhere. */
export function useFocusBack(svg: RefObject<SVGSVGElement | null>, caret: Caret | null): void {
  const before = useRef<Caret | null>(null);
  useEffect(() => {
    const left = before.current;
    before.current = caret;
    if (caret !== null || left === null) return;
    // Whoever closed it by pressing something else has the keys there.
    if (document.activeElement !== null && document.activeElement !== document.body) return;
    const board = svg.current;
    const rung = 'position' in left ? board?.querySelector<SVGGElement>(`[data-rung="${CSS.escape(left.position)}"]`) : null;
    const at = 'value' in left && left.value !== null ? board?.querySelector<SVGGElement>(`[data-show="${CSS.escape(left.value)}"]`) : null;
    (at ?? rung ?? board?.querySelector<SVGGElement>('[role=button][tabindex="0"]'))?.focus({ preventScroll: true });
  }, [caret, svg]);
}
