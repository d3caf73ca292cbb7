import type { ReactNode } from 'react';

export const selectClass = 'min-w-0 max-w-full min-h-9 border border-soft bg-paper px-1 font-figure text-[15px]';
/** What opens a list of choices. */
export const openerClass = 'flex min-h-9 max-w-full min-w-0 items-center gap-1.5 bg-paper text-left font-figure text-[15px] text-ink';
export const buttonClass =
  'min-h-9 border border-ink px-3 font-figure text-[15px] font-medium hover:bg-tint disabled:border-hair disabled:text-soft';

/** A label over its control. */
export function Field({ label, children }: { label: string; children: ReactNode }) {
  return (
    <label className="grid min-w-0 max-w-full gap-0.5">
      <span className="text-[13px] text-soft">{label}</span>
      {children}
    </label>
  );
}
