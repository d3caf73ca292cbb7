'use client';
import { useState, type ReactNode } from 'react';

interface Props {
  readonly summary: string;
  /** Drawn once it has been opened, and kept. */
  readonly children: () => ReactNode;
}

/** Something folded away at the foot of a sheet; what is in it is made when it is looked at. */
export function Unfold({ summary, children }: Props) {
  const [wasOpened, setOpened] = useState(false);
  return (
    <details className="mt-4 border-t border-hair pt-2" onToggle={(event) => event.currentTarget.open && setOpened(true)}>
      <summary className="min-h-9 font-figure text-[15px] font-medium">{summary}</summary>
      {wasOpened && children()}
    </details>
  );
}
