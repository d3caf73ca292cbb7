'use client';
import { useId, useState } from 'react';
import { selectClass } from './Field';

interface Props {
  readonly label: string;
  /** Null = nothing given, where that may be. */
  readonly value: number | null;
  readonly min: number;
  readonly max: number;
  /** Smallest step that is kept: 1 = whole numbers. */
  readonly step?: number;
  /** What nothing given means, shown where nothing is; undefined = a number is needed. */
  readonly none?: string;
  readonly className?: string;
  /** The label before the number, in a row of choices. */
  readonly isInline?: boolean;
  readonly onChange: (value: number | null) => void;
}

/**
 * A number under its label. Anything may be typed; Enter or leaving keeps it in one step, Esc gives the old one back, the
 * arrow keys go up and down. What is no number, or out of range, is not kept and says so.
 */
export function NumberField({ label, value, min, max, step = 1, none, className = 'w-20', isInline = false, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const id = useId();
  const range = `${label} is a number from ${min} to ${max}.`;
  const keep = (text: string) => {
    const typed = text.trim().replace(',', '.');
    const number = Math.round(Number(typed) / step) * step;
    if (typed === '' && none === undefined) setWrong(range);
    else if (typed !== '' && (!Number.isFinite(number) || number < min || number > max)) setWrong(range);
    else {
      setWrong(null);
      setDraft(null);
      const next = typed === '' ? null : Number(number.toFixed(4));
      if (next !== value) onChange(next);
    }
  };
  const turn = (by: number) => {
    const from = draft === null || !Number.isFinite(Number(draft)) ? (value ?? min) : Number(draft);
    setWrong(null);
    setDraft(String(Number(Math.min(max, Math.max(min, from + by)).toFixed(4))));
  };
  return (
    <span className={isInline ? 'flex items-baseline gap-1.5' : 'grid gap-0.5'}>
      <label htmlFor={id} className={isInline ? 'text-soft' : 'text-[13px] text-soft'}>
        {label}
      </label>
      <input
        id={id}
        inputMode={step < 1 ? 'decimal' : 'numeric'}
        autoComplete="off"
        placeholder={none}
        aria-invalid={wrong !== null}
        aria-describedby={wrong === null ? undefined : `${id}-wrong`}
        className={`${isInline ? 'min-h-9 bg-paper font-medium text-ink' : selectClass} ${className} placeholder:text-soft`}
        value={draft ?? (value === null ? '' : String(value))}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={() => draft !== null && keep(draft)}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') {
            event.preventDefault();
            keep(event.currentTarget.value);
          } else if (event.key === 'Escape') {
            setDraft(null);
            setWrong(null);
          } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            event.preventDefault();
            turn(event.key === 'ArrowUp' ? step : -step);
          }
        }}
      />
      {wrong !== null && (
        <span id={`${id}-wrong`} role="alert" className="max-w-40 text-[13px] text-red">
          {wrong}
        </span>
      )}
    </span>
  );
}
