'use client';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { Combobox, INPUT, LINE, type Option } from './Combobox';

export type CaretOption = Option;
interface Props {
  /** "he …" or "I …": the beginning of the sentence being typed. */
  readonly lead: string;
  /** The sentence so far, above the line. */
  readonly said?: string;
  readonly label: string;
  readonly hint?: string;
  /** With options the caret picks one; without, Enter gives the text. */
  readonly optionsFor?: (typed: string) => readonly CaretOption[];
  readonly onText?: (typed: string) => void;
  readonly onPick?: (option: CaretOption, typed: string) => void;
  readonly onClose: () => void;
  /** Tab on an empty caret. */
  readonly onNext?: () => void;
}

/** A line of text alone; Enter gives it. */
function TextCaret({ label, hint, typed, onTyped, onKeyDown }: TextProps) {
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus({ preventScroll: false }), []);
  return (
    <input
      ref={input}
      value={typed}
      onChange={(event) => onTyped(event.target.value)}
      onKeyDown={onKeyDown}
      aria-label={label}
      placeholder={hint}
      maxLength={160}
      autoComplete="off"
      className={INPUT}
    />
  );
}
interface TextProps {
  readonly label: string;
  readonly hint: string | undefined;
  readonly typed: string;
  readonly onTyped: (typed: string) => void;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/** A line to type on, in place: Enter accepts, ↑ ↓ choose where there are options, Esc closes. */
export function Caret({ lead, said, label, hint, optionsFor, onText, onPick, onClose, onNext }: Props) {
  const [typed, setTyped] = useState('');
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      event.preventDefault();
      onClose();
    } else if (event.key === 'Tab' && typed === '' && onNext && !event.shiftKey) {
      event.preventDefault();
      onNext();
    } else if (event.key === 'Enter' && !optionsFor) {
      event.preventDefault();
      if (typed.trim() !== '') onText?.(typed.trim());
    }
    // The keys of the screen do not hear what is typed here.
    if (!optionsFor) event.stopPropagation();
  };
  const line = { label, hint, typed, onTyped: setTyped, onKeyDown };
  const before = (
    <span aria-hidden className="shrink-0 font-medium whitespace-nowrap text-red">
      {lead}
    </span>
  );
  return (
    <div className="relative font-figure text-[15px]">
      {said && <p className="bg-paper font-medium">{said}</p>}
      {optionsFor ? (
        <Combobox {...line} lead={before} options={optionsFor(typed)} onPick={(option) => onPick?.(option, typed)} />
      ) : (
        <div className={LINE}>
          {before}
          <TextCaret {...line} />
        </div>
      )}
    </div>
  );
}
