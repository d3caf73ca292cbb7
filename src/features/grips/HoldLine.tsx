import { useId, useState, type KeyboardEvent, type Ref } from 'react';
import { suggestLines } from '@/core/grips';
import type { Contact } from '@/core/tree';

/** The id of the line, for what leads there. */
export const HOLD_LINE = 'holds';

interface Props {
  readonly label: string;
  readonly value: string;
  /** What is held now, for what can be let go. */
  readonly now: readonly Contact[];
  /** Whole lines offered before anything is typed. */
  readonly offers?: readonly string[];
  readonly inputRef?: Ref<HTMLInputElement>;
  readonly onChange: (typed: string) => void;
  readonly onEnter: () => void;
  /** PageUp and PageDown: the step before or after. */
  readonly onStep: (by: 1 | -1) => void;
}

/** A line of holds with completion (a combobox, WAI-ARIA 1.2): ↓ and Tab take what is offered, Enter puts the line in. */
export function HoldLine({ label, value, now, offers = [], inputRef, onChange, onEnter, onStep }: Props) {
  const [at, setAt] = useState<number | null>(null);
  const [open, setOpen] = useState(false);
  const listId = useId();
  const options = open ? [...(value.trim() === '' ? offers : []), ...suggestLines(value, now)] : [];
  const shown = options.filter((line) => line !== value);
  const chosen = at === null ? undefined : shown[Math.min(at, shown.length - 1)];
  const take = (line: string) => {
    onChange(line);
    setAt(null);
  };
  const close = () => {
    setOpen(false);
    setAt(null);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      setOpen(true);
      const step = event.key === 'ArrowDown' ? 1 : -1;
      if (shown.length > 0) setAt(at === null ? (step > 0 ? 0 : shown.length - 1) : (at + step + shown.length) % shown.length);
    } else if (event.key === 'Tab' && !event.shiftKey && shown.length > 0 && value.trim() !== '') {
      event.preventDefault();
      take(chosen ?? shown[0]!);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (chosen !== undefined) return take(chosen);
      close();
      onEnter();
    } else if (event.key === 'Escape') close();
    else if (event.key === 'PageDown' || event.key === 'PageUp') {
      event.preventDefault();
      onStep(event.key === 'PageDown' ? 1 : -1);
    }
  };
  return (
    <div className="relative">
      <label className="grid gap-0.5">
        <span className="text-[13px] text-soft">{label}</span>
        <input
          ref={inputRef}
          id={HOLD_LINE}
          value={value}
          placeholder="e.g. right hand far lapel, left hand same-side knee outside"
          maxLength={1000}
          autoComplete="off"
          role="combobox"
          aria-expanded={shown.length > 0}
          aria-controls={listId}
          aria-autocomplete="list"
          aria-activedescendant={chosen === undefined ? undefined : `${listId}-${shown.indexOf(chosen)}`}
          onChange={(event) => {
            onChange(event.target.value);
            setOpen(true);
            setAt(null);
          }}
          onBlur={close}
          onKeyDown={onKeyDown}
          className="min-h-9 w-full border-b-2 border-red bg-paper font-figure text-[16px] outline-none placeholder:text-soft focus-visible:bg-tint/40"
        />
      </label>
      <ul
        id={listId}
        role="listbox"
        aria-label="What could follow"
        className="absolute z-10 max-h-64 w-full overflow-auto border-l-2 border-red bg-paper font-figure text-[15px] empty:hidden"
      >
        {shown.map((line, i) => (
          <li
            key={line}
            id={`${listId}-${i}`}
            role="option"
            aria-selected={line === chosen}
            onPointerDown={(event) => {
              event.preventDefault();
              take(line);
            }}
            className={`flex min-h-8 cursor-pointer items-center px-2 ${line === chosen ? 'bg-tint' : ''}`}
          >
            <span className="text-soft">{line.slice(0, line.lastIndexOf(',') + 1)}</span>
            <span className="font-medium whitespace-pre">{line.slice(line.lastIndexOf(',') + 1)}</span>
            {i === 0 && at === null && <span className="ml-auto text-[13px] text-soft">Tab</span>}
          </li>
        ))}
      </ul>
    </div>
  );
}
