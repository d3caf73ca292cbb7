import type { ReactNode } from 'react';

/** A folded list in the side sheet, with how many there are; nothing when there are none. */
export function Fold({ title, count, children }: { title: string; count: number; children: ReactNode }) {
  if (count === 0) return null;
  return (
    <details>
      <summary className="mt-3 min-h-8 font-figure text-[15px] font-semibold tracking-wide uppercase">
        {title} <span className="text-soft">{count}</span>
      </summary>
      <ul>{children}</ul>
    </details>
  );
}
