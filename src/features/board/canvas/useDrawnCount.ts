import { useEffect, useState } from 'react';

const AT_ONCE = 27;
const STEP = 1;
const STEP_MS = 8;

/** How many of many parts are drawn: a usual board's at once, a huge one's one after the other, so that nothing freezes. */
export function useDrawnCount(total: number): number {
  const [count, setCount] = useState(STEP);
  useEffect(() => {
    if (total <= AT_ONCE || count >= total) return;
    const timer = setTimeout(() => setCount(count + STEP), STEP_MS);
    return () => clearTimeout(timer);
  }, [count, total]);
  return total <= AT_ONCE ? total : Math.min(count, total);
}
