'use client';
import { useId, useState, type ReactNode } from 'react';

interface Props {
  /** What the button says, where there is one. */
  readonly label: string;
  /** Open at first. */
  readonly isOpen: boolean;
  readonly children: ReactNode;
}

/** A column of settings: in sight beside the work where there is room, and behind a button above it where there is none. */
export function FoldedWhenNarrow({ label, isOpen: isOpenAtFirst, children }: Props) {
  const [isOpen, setOpen] = useState(isOpenAtFirst);
  const id = useId();
  return (
    <>
      <button
        type="button"
        aria-expanded={isOpen}
        aria-controls={id}
        className="min-h-11 w-full text-left font-figure text-[17px] font-medium lg:hidden"
        onClick={() => setOpen(!isOpen)}
      >
        <span aria-hidden>{isOpen ? '▾' : '▸'}</span> {label}
      </button>
      <div id={id} className={isOpen ? undefined : 'max-lg:hidden'}>
        {children}
      </div>
    </>
  );
}
