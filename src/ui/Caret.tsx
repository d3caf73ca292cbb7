'use client';
import { useState, type ClipboardEvent, type KeyboardEvent } from 'react';
import { Combobox, type Option } from './Combobox';

export type CaretOption = Option;
/** A key or a sign, and what it does here. */
export type KeyHelp = readonly [key: string, does: string];

interface Props<O extends Option> {
  /** "he …" or "I …": the beginning of the sentence being typed. */
  readonly lead: string;
  /** The sentence so far, above the line. */
  readonly said?: string;
  readonly label: string;
  readonly hint?: string;
  /** What was typed here before it was left. */
  readonly start?: string;
  readonly onTyped?: (typed: string) => void;
  readonly optionsFor: (typed: string) => readonly O[];
  readonly onPick: (option: O, typed: string) => void;
  /**
   * What is typed stands for itself: Enter gives it (`more`: with Shift), and answers why it cannot be taken; '' = it was taken and the
   * line is empty again, null = it stays. Without it the first option is chosen.
   */
  readonly onEnter?: (typed: string, more: boolean) => string | null;
  /** The first option is what the question above the list is about. */
  readonly isAsked?: (typed: string) => boolean;
  /** What Enter does with what is typed, or what is asked. */
  readonly saysOf?: (typed: string) => string;
  /** → at the end of the line. */
  readonly completed?: (typed: string) => string | null;
  /** Several lines that are pasted, as one; null = they cannot be. */
  readonly ofLines?: (lines: readonly string[]) => string | null;
  /** Several lines that are pasted and are no line of this kind go elsewhere, as they are. */
  readonly onLines?: (text: string) => void;
  readonly onClose: () => void;
  /** Tab on an empty caret. */
  readonly onNext?: () => void;
  /** The keys that work now; those behind the third are shown by "?". */
  readonly keys?: readonly KeyHelp[];
}

const SHOWN = 3;
function Keys({ keys, all }: { readonly keys: readonly KeyHelp[]; readonly all: boolean }) {
  const shown = all ? keys : keys.slice(0, SHOWN);
  return (
    <p className="flex flex-wrap gap-x-3 border-t border-hair bg-paper px-1 py-0.5 text-[13px] text-soft">
      {shown.map(([key, does]) => (
        <span key={key}>
          <kbd className="font-figure font-semibold text-ink">{key}</kbd> {does}
        </span>
      ))}
      {keys.length > SHOWN && !all && (
        <span>
          <kbd className="font-figure font-semibold text-ink">?</kbd> more
        </span>
      )}
    </p>
  );
}

const linesOf = (text: string): string[] => text.split(/\r?\n/).flatMap((line) => (line.trim() === '' ? [] : [line]));

/** A line to type on, in place. Enter takes what is typed; ↑ ↓ choose where there are options; Esc closes; nothing that was typed is lost. */
export function Caret<O extends Option>(props: Props<O>) {
  const {
    lead,
    said,
    label,
    hint,
    start = '',
    onTyped,
    optionsFor,
    onPick,
    onEnter,
    isAsked,
    saysOf,
    completed,
    ofLines,
    onLines,
    onClose,
    onNext,
    keys = [],
  } = props;
  const [typed, setTyped] = useState(start);
  const [problem, setProblem] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const type = (text: string) => {
    setTyped(text);
    setProblem(null);
    onTyped?.(text);
  };
  const enter = (more: boolean) => {
    const answer = onEnter!(typed, more);
    if (answer === '') type('');
    else setProblem(answer);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const line = event.currentTarget;
    const isAtEnd = line instanceof HTMLInputElement && line.selectionStart === typed.length && line.selectionEnd === typed.length;
    if (event.key === 'Escape') onClose();
    else if (event.key === 'Tab' && typed === '' && onNext && !event.shiftKey) onNext();
    else if (event.key === '?' && typed === '' && keys.length > SHOWN) setAll(!all);
    else if (event.key === 'ArrowRight' && isAtEnd && typed !== '') {
      const whole = completed?.(typed);
      if (!whole) return;
      type(whole);
    } else return;
    event.preventDefault();
  };
  const onPaste = (event: ClipboardEvent) => {
    const lines = linesOf(event.clipboardData.getData('text'));
    if (lines.length < 2) return;
    event.preventDefault();
    if (onLines) return onLines(event.clipboardData.getData('text'));
    const one = ofLines?.(lines) ?? null;
    if (one === null) setProblem(`${lines.length} lines were pasted, and this is one. Nothing was taken.`);
    else type(typed === '' ? one : `${typed} / ${one}`);
  };
  const says = problem ?? saysOf?.(typed) ?? '';
  return (
    <div className="relative font-figure text-[15px]" onPaste={onPaste}>
      {said && <p className="bg-paper font-medium">{said}</p>}
      <Combobox
        {...{ label, hint, typed, onKeyDown }}
        onTyped={type}
        lead={
          <span aria-hidden className="shrink-0 font-medium whitespace-nowrap text-red">
            {lead}
          </span>
        }
        options={optionsFor(typed)}
        onPick={(option) => onPick(option, typed)}
        asked={isAsked?.(typed) ?? false}
        {...(onEnter ? { onEnter: enter } : {})}
      >
        <p role="status" className={`bg-paper px-1 text-[13px] ${problem === null ? 'text-soft' : 'font-medium text-red'}`}>
          {says}
        </p>
      </Combobox>
      {keys.length > 0 && <Keys keys={keys} all={all} />}
    </div>
  );
}
