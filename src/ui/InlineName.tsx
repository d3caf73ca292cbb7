'use client';
import { useState } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly className?: string;
  readonly onChange: (value: string) => void;
}

/** A name that is edited where it stands: Enter or leaving keeps it, Esc gives the old one back. */
export function InlineName({ label, value, className = '', onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const keep = () => {
    const text = draft?.trim() ?? '';
    if (text !== '' && text !== value) onChange(text);
    setDraft(null);
  };
  return (
    <textarea
      aria-label={label}
      value={draft ?? value}
      rows={1}
      maxLength={160}
      // A name is one line, however many it is shown on.
      onChange={(event) => setDraft(event.target.value.replace(/\s*\n\s*/g, ' '))}
      onBlur={keep}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter') {
          event.preventDefault();
          event.currentTarget.blur();
        }
        if (event.key === 'Escape') setDraft(null);
      }}
      className={`field-sizing-content block min-h-7 w-full min-w-0 resize-none border-b border-transparent bg-transparent font-figure font-semibold hover:border-hair focus:border-red ${className}`}
    />
  );
}
