'use client';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Combobox, type Option } from './Combobox';
import { openerClass } from './Field';

interface Props {
  readonly label: string;
  /** The label stands over the button; otherwise the button says it all. */
  readonly isOver?: boolean;
  /** What is chosen now, or what is asked for. */
  readonly shown: string;
  /** Of everything that fits what is typed the first, and how many more there are. */
  readonly optionsFor: (typed: string) => { readonly options: readonly Option[]; readonly more: number };
  readonly onPick: (key: string) => void;
}

/** One of many, found by typing: a button that opens a line with its list. */
export function PickOne({ label, isOver = false, shown, optionsFor, onPick }: Props) {
  const [isOpen, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const change = (open: boolean) => {
    setOpen(open);
    setTyped('');
  };
  const { options, more } = isOpen ? optionsFor(typed) : { options: [], more: 0 };
  const picker = (
    <Popover.Root open={isOpen} onOpenChange={change}>
      <Popover.Trigger aria-label={`${label}: ${shown}`} className={`${openerClass} justify-self-start border border-soft px-1.5`}>
        <span className="truncate">{shown}</span>
        <span aria-hidden className="text-[12px] text-soft">
          ▾
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={2}
          collisionPadding={8}
          aria-label={label}
          className="z-30 w-80 max-w-[calc(100vw-16px)] border-2 border-ink bg-paper font-figure text-[15px]"
        >
          <Combobox
            label={label}
            hint="type a word of it"
            {...{ typed, options, more }}
            onTyped={setTyped}
            onPick={(option) => {
              change(false);
              onPick(option.key);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
  if (!isOver) return picker;
  return (
    <div className="grid min-w-0 max-w-full gap-0.5">
      <span aria-hidden className="text-[13px] text-soft">
        {label}
      </span>
      {picker}
    </div>
  );
}
