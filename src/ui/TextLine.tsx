'use client';
import { useId, useState } from 'react';
import { selectClass } from './Field';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly hint?: string;
  readonly maxLength?: number;
  /** What is wrong with a text, as a sentence: it stays to be mended and is not kept. */
  readonly check?: (value: string) => string | null;
  /** Called with the trimmed text, which may be empty, when it was changed. */
  readonly onChange: (value: string) => void;
}

/** A line of text under its label; Enter or leaving keeps it, Esc gives the old one back. */
export function TextLine({ label, value, hint, maxLength = 4000, check, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const says = useId();
  const type = (text: string | null) => {
    setDraft(text);
    setProblem(null);
  };
  const keep = () => {
    if (draft === null) return;
    const text = draft.trim();
    const wrong = text === value ? null : (check?.(text) ?? null);
    setProblem(wrong);
    if (wrong !== null) return;
    if (text !== value) onChange(text);
    setDraft(null);
  };
  return (
    <div className="grid gap-0.5">
      <label className="grid gap-0.5">
        <span className="text-[13px] text-soft">{label}</span>
        <input
          value={draft ?? value}
          placeholder={hint === undefined ? undefined : `e.g. ${hint}`}
          maxLength={maxLength}
          autoComplete="off"
          aria-invalid={problem !== null}
          aria-describedby={problem === null ? undefined : says}
          onChange={(event) => type(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Enter') event.currentTarget.blur();
            if (event.key === 'Escape') type(null);
          }}
          className={`${selectClass} w-full min-w-0 placeholder:text-soft`}
        />
      </label>
      {problem !== null && (
        <p role="alert" id={says} className="text-[13px] text-red">
          {problem}
        </p>
      )}
    </div>
  );
}

interface ListProps {
  readonly label: string;
  readonly values: readonly string[];
  readonly mark?: string;
  readonly hint?: string;
  /** What is wrong with one of the texts. */
  readonly check?: (item: string) => string | null;
  readonly onChange: (values: string[]) => void;
}

/** Several short texts on one line, a comma (or another mark) between them; each is kept once. */
export function ListLine({ label, values, mark = ',', hint, check, onChange }: ListProps) {
  const partsOf = (text: string): string[] => [
    ...new Set(
      text
        .split(mark)
        .map((item) => item.trim().slice(0, 160))
        .filter((item) => item !== ''),
    ),
  ];
  return (
    <TextLine
      label={label}
      value={values.join(`${mark === ',' ? '' : ' '}${mark} `)}
      hint={hint}
      check={check && ((text) => partsOf(text).flatMap((item) => check(item) ?? [])[0] ?? null)}
      onChange={(text) => onChange(partsOf(text).slice(0, 64))}
    />
  );
}
