'use client';
import { useState } from 'react';
import { selectClass } from './Field';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly hint?: string;
  readonly maxLength?: number;
  /** Called with the trimmed text, which may be empty, when it was changed. */
  readonly onChange: (value: string) => void;
}

/** A line of text under its label; Enter or leaving keeps it, Esc gives the old one back. */
export function TextLine({ label, value, hint, maxLength = 4000, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <label className="grid gap-0.5">
      <span className="text-[13px] text-soft">{label}</span>
      <input
        value={draft ?? value}
        placeholder={hint === undefined ? undefined : `e.g. ${hint}`}
        maxLength={maxLength}
        autoComplete="off"
        onChange={(event) => setDraft(event.target.value)}
        onBlur={() => {
          if (draft !== null && draft.trim() !== value) onChange(draft.trim());
          setDraft(null);
        }}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') event.currentTarget.blur();
          if (event.key === 'Escape') setDraft(null);
        }}
        className={`${selectClass} w-full min-w-0 placeholder:text-soft`}
      />
    </label>
  );
}

interface ListProps {
  readonly label: string;
  readonly values: readonly string[];
  readonly mark?: string;
  readonly hint?: string;
  readonly onChange: (values: string[]) => void;
}

/** Several short texts on one line, a comma (or another mark) between them; each is kept once. */
export function ListLine({ label, values, mark = ',', hint, onChange }: ListProps) {
  const keep = (text: string) =>
    onChange(
      [
        ...new Set(
          text
            .split(mark)
            .map((item) => item.trim().slice(0, 160))
            .filter((item) => item !== ''),
        ),
      ].slice(0, 64),
    );
  return <TextLine label={label} value={values.join(`${mark === ',' ? '' : ' '}${mark} `)} hint={hint} onChange={keep} />;
}
