import { useState, type ReactNode } from 'react';

interface Props {
  readonly title: string;
  /** What is said so far, as sentences; '' = nothing yet. */
  readonly says: string;
  /** The fields, made when the part is pressed. */
  readonly children: () => ReactNode;
}

/** A part of a place or a move: read as sentences, edited where it is pressed. */
export function ReadPart({ title, says, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <details className="border-t border-hair" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-9 py-1.5">
        <span className="font-figure text-[15px] font-medium">{title}:</span>{' '}
        <span className={says === '' ? 'text-soft' : ''}>{says === '' ? 'nothing said yet' : says}</span>
      </summary>
      {open && <div className="mb-3 grid gap-2 border-l-2 border-hair pl-2">{children()}</div>}
    </details>
  );
}
