'use client';
import { Select as Radix } from 'radix-ui';
import { useId } from 'react';
import { openerClass } from './Field';

interface Props<T extends string> {
  readonly label: string;
  /** Over the control, beside it, or only for who hears the screen. */
  readonly labelled?: 'over' | 'beside' | 'heard';
  readonly value: T | undefined;
  readonly options: readonly (readonly [T, string])[];
  /** What is shown and can be taken when nothing is chosen; without it something always is. */
  readonly none?: string;
  readonly onChange: (value: T | undefined) => void;
}

const AROUND = { over: 'grid min-w-0 max-w-full gap-0.5', beside: 'flex min-w-0 items-baseline gap-1.5', heard: 'min-w-0 max-w-full' };
const LABEL = { over: 'text-[13px] text-soft', beside: 'text-soft', heard: 'sr-only' };
const TRIGGER = {
  over: 'justify-self-start border border-soft px-1.5',
  beside: 'max-w-40 font-medium',
  heard: 'border border-soft px-1.5',
};

/** One of a few, by Radix. Options are told apart by their place in the list: a value may be any text. */
export function Select<T extends string>({ label, labelled = 'over', value, options, none, onChange }: Props<T>) {
  const id = useId();
  const at = options.findIndex(([key]) => key === value);
  const choices = none === undefined ? options.map(([, words]) => words) : [none, ...options.map(([, words]) => words)];
  const shift = none === undefined ? 0 : 1;
  return (
    <div className={AROUND[labelled]}>
      <label htmlFor={id} className={LABEL[labelled]}>
        {label}
      </label>
      {/* Within a form the browser's own select may say that nothing is chosen: that is nobody's choice. */}
      <Radix.Root value={String(at + shift)} onValueChange={(index) => index !== '' && onChange(options[Number(index) - shift]?.[0])}>
        <Radix.Trigger id={id} aria-label={label} className={`${openerClass} ${TRIGGER[labelled]}`}>
          <span className="truncate">
            <Radix.Value />
          </span>
          <Radix.Icon className="text-[12px] text-soft" aria-hidden>
            ▾
          </Radix.Icon>
        </Radix.Trigger>
        <Radix.Portal>
          <Radix.Content
            position="popper"
            sideOffset={2}
            collisionPadding={8}
            className="z-30 max-h-[min(22rem,var(--radix-select-content-available-height))] max-w-[calc(100vw-16px)] min-w-(--radix-select-trigger-width) overflow-hidden border-2 border-ink bg-paper"
          >
            <Radix.Viewport>
              {choices.map((words, i) => (
                <Radix.Item
                  key={i}
                  value={String(i)}
                  className="flex min-h-9 cursor-pointer items-center px-2 font-figure text-[15px] outline-none data-highlighted:bg-tint data-[state=checked]:font-semibold"
                >
                  <Radix.ItemText>{words}</Radix.ItemText>
                </Radix.Item>
              ))}
            </Radix.Viewport>
          </Radix.Content>
        </Radix.Portal>
      </Radix.Root>
    </div>
  );
}
