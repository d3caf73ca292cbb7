'use client';
import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react';

export interface CaretOption {
  readonly key: string;
  readonly label: string;
  readonly note?: string;
  readonly isNew?: boolean;
}
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

/** A line to type on, in place: Enter accepts, ↑ ↓ choose, Esc closes. A combobox (WAI-ARIA 1.2) when there are options. */
export function Caret({ lead, said, label, hint, optionsFor, onText, onPick, onClose, onNext }: Props) {
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const listId = useId();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus({ preventScroll: false }), []);
  const options = optionsFor?.(typed) ?? [];
  const chosen = options[Math.min(at, options.length - 1)];

  const onKeyDown = (event: KeyboardEvent) => {
    event.stopPropagation();
    if (event.key === 'Escape') onClose();
    else if (event.key === 'Tab' && typed === '' && onNext && !event.shiftKey) {
      event.preventDefault();
      onNext();
    } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const step = event.key === 'ArrowDown' ? 1 : -1;
      if (options.length > 0) setAt((Math.min(at, options.length - 1) + step + options.length) % options.length);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (optionsFor) {
        if (chosen) onPick?.(chosen, typed);
      } else if (typed.trim() !== '') onText?.(typed.trim());
    }
  };

  return (
    <div className="relative font-figure text-[15px]">
      {said && <p className="bg-paper font-medium">{said}</p>}
      <div className="flex items-baseline gap-1 border-b-2 border-red bg-paper">
        <span aria-hidden className="shrink-0 font-medium whitespace-nowrap text-red">
          {lead}
        </span>
        <input
          ref={input}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            setAt(0);
          }}
          onKeyDown={onKeyDown}
          aria-label={label}
          placeholder={hint}
          maxLength={160}
          autoComplete="off"
          {...(optionsFor
            ? {
                role: 'combobox',
                'aria-expanded': options.length > 0,
                'aria-controls': listId,
                'aria-autocomplete': 'list' as const,
                'aria-activedescendant': chosen ? `${listId}-${chosen.key}` : undefined,
              }
            : {})}
          className="min-h-9 w-full min-w-0 bg-transparent outline-none placeholder:text-soft"
        />
      </div>
      {optionsFor && (
        <ul id={listId} role="listbox" aria-label={label} className="max-h-72 overflow-auto border-l-2 border-red bg-paper">
          {options.map((option) => (
            <li
              key={option.key}
              id={`${listId}-${option.key}`}
              role="option"
              aria-selected={option === chosen}
              onPointerDown={(event) => {
                event.preventDefault();
                onPick?.(option, typed);
              }}
              className={`flex min-h-9 cursor-pointer items-center justify-between gap-3 px-2 ${option === chosen ? 'bg-tint' : ''}`}
            >
              <span className={option.isNew ? 'text-soft' : 'font-medium'}>{option.isNew ? `new: ${option.label}` : option.label}</span>
              <span className="text-right text-red">{option.note}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
