import { useState, type ReactElement } from 'react';
import { LongList } from '@/ui/LongList';

interface Props {
  readonly title: string;
  readonly count: number;
  /** Open from the start. */
  readonly begins?: boolean;
  /** Something that needs the coach. */
  readonly urgent?: boolean;
  /** The lines, each with a key of its own; made when they are looked at. */
  readonly children: () => readonly ReactElement[];
}

/** A folded list in the side sheet, with how many there are; nothing when there are none. A dense tree has thousands. */
export function Fold({ title, count, begins = false, urgent = false, children }: Props) {
  const [open, setOpen] = useState(begins);
  if (count === 0) return null;
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="mt-3 min-h-8 font-figure text-[15px] font-semibold tracking-wide uppercase">
        {title} <span className={urgent ? 'text-red' : 'text-soft'}>{count}</span>
      </summary>
      {open && <LongList about={92} rows={children().map((line, i) => ({ key: line.key ?? String(i), drawn: () => line }))} />}
    </details>
  );
}
