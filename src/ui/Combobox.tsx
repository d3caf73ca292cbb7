'use client';
import { Command } from 'cmdk';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';

export interface Option {
  readonly key: string;
  readonly label: string;
  readonly note?: string;
  readonly isNew?: boolean;
}
interface Props<O extends Option> {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly typed: string;
  readonly onTyped: (typed: string) => void;
  readonly options: readonly O[];
  /** How many more fit than are listed. */
  readonly more?: number;
  readonly onPick: (option: O) => void;
  /** What is typed may stand for itself: nothing of the list is taken unless it was chosen by ↓ or pressed; Enter gives the line. */
  readonly onEnter?: (more: boolean) => void;
  /** The option that a question is about: chosen beforehand. */
  readonly asked?: boolean;
  /** Before the list hears of a key; what is prevented is not heard. */
  readonly onKeyDown?: (event: KeyboardEvent) => void;
  /** Before the line: the beginning of what is typed. */
  readonly lead?: ReactNode;
  /** Between the line and its list. */
  readonly children?: ReactNode;
}

export const LINE = 'flex items-baseline gap-1 border-b-2 border-red bg-paper';
export const INPUT = 'min-h-9 w-full min-w-0 bg-transparent outline-none placeholder:text-soft focus-visible:bg-tint/40';

/** Not an option: what is chosen while the line stands for itself, since the list always holds its first item for chosen. */
const LINE_ITSELF = 'line';

/** Keys that belong to a line of text: the list would go to its ends. */
const OF_THE_LINE = new Set(['Home', 'End']);

/** A line to type on with a list under it, by cmdk: ↑ ↓ choose, Enter takes. What is listed is the caller's to say; the keys come here at once. */
export function Combobox<O extends Option>(props: Props<O>) {
  const { label, hint, typed, onTyped, options, more = 0, onPick, onEnter, asked = false, onKeyDown, lead, children } = props;
  const input = useRef<HTMLInputElement>(null);
  const [at, setAt] = useState('');
  useEffect(() => input.current?.focus({ preventScroll: false }), []);
  // By place in the list: a key may be any text.
  const chosen = at !== '' && options[Number(at)] ? at : options.length > 0 && (!onEnter || asked) ? '0' : '';
  /** Keys of a line that stands for itself: the list does not hear of them. */
  const onFreeKey = (event: KeyboardEvent) => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (event.key === 'Enter') {
      event.preventDefault();
      const option = chosen === '' ? undefined : options[Number(chosen)];
      if (option) onPick(option);
      else onEnter?.(event.shiftKey);
    } else if (step !== 0) {
      event.preventDefault();
      // Up from the first is the line itself again.
      const next = (chosen === '' ? (step === 1 ? -1 : options.length) : Number(chosen)) + step;
      setAt(options[next] ? String(next) : '');
    }
  };
  return (
    <Command
      label={label}
      shouldFilter={false}
      vimBindings={false}
      loop
      value={chosen === '' ? LINE_ITSELF : chosen}
      // A line that stands for itself is not for the pointer to choose for, lying where the list opens.
      disablePointerSelection={onEnter !== undefined}
      onValueChange={(value) => !onEnter && setAt(value)}
      // The keys of the screen do not hear what is typed here.
      onKeyDown={(event) => event.stopPropagation()}
    >
      <div className={lead ? LINE : `${LINE} px-2`}>
        {lead}
        <Command.Input
          ref={input}
          value={typed}
          onValueChange={(text) => {
            setAt('');
            onTyped(text);
          }}
          onKeyDown={(event) => {
            // A letter that is still being composed: its keys are its own.
            if (event.nativeEvent.isComposing) return event.stopPropagation();
            if (OF_THE_LINE.has(event.key)) event.stopPropagation();
            onKeyDown?.(event);
            if (onEnter && !event.defaultPrevented) onFreeKey(event);
          }}
          aria-label={label}
          placeholder={hint}
          className={INPUT}
        />
      </div>
      {children}
      <Command.List label={label} className="max-h-72 overflow-auto border-l-2 border-red bg-paper">
        {onEnter && <Command.Item value={LINE_ITSELF} className="hidden" />}
        {options.map((option, i) => (
          <Command.Item
            key={option.key}
            value={String(i)}
            // The line keeps the keys while an option is pressed.
            onPointerDown={(event) => event.preventDefault()}
            onSelect={() => onPick(option)}
            className="flex min-h-9 cursor-pointer items-center justify-between gap-3 px-2 aria-selected:bg-tint"
          >
            <span className={option.isNew ? 'text-soft' : 'font-medium'}>{option.isNew ? `new: ${option.label}` : option.label}</span>
            <span className="text-right text-red">{option.note}</span>
          </Command.Item>
        ))}
      </Command.List>
      {options.length === 0 && typed.trim() !== '' && !onEnter && (
        <p role="status" className="bg-paper px-2 py-1 text-soft">
          Nothing by these words.
        </p>
      )}
      {more > 0 && <p className="bg-paper px-2 py-1 text-[13px] text-soft">and {more} more: type a word of it</p>}
    </Command>
  );
}
