import { useState, type ReactNode } from 'react';

const LISTED = 40;

interface Props {
  readonly title: string;
  readonly count: number;
  /** Open from the start. */
  readonly begins?: boolean;
  /** Something that needs the coach. */
  readonly urgent?: boolean;
  /** The lines; made when they are looked at. */
  readonly children: () => readonly ReactNode[];
}

/** A folded list in the side sheet, with how many there are; nothing when there are none. Of a long one the first are drawn: a dense tree has thousands. */
export function Fold({ title, count, begins = false, urgent = false, children }: Props) {
  const [open, setOpen] = useState(begins);
  const [all, setAll] = useState(false);
  if (count === 0) return null;
  const lines = open ? children() : [];
  const shown = all ? lines : lines.slice(0, LISTED);
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="mt-3 min-h-8 font-figure text-[15px] font-semibold tracking-wide uppercase">
        {title} <span className={urgent ? 'text-red' : 'text-soft'}>{count}</span>
      </summary>
      {open && <ul>{shown}</ul>}
      {shown.length < lines.length && (
        <button type="button" className="min-h-9 underline" onClick={() => setAll(true)}>
          Show the other {lines.length - shown.length}
        </button>
      )}
    </details>
  );
}
