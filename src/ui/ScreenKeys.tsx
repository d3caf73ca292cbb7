'use client';
import { useEffect, useId, useRef } from 'react';
import { isTypedInto } from './isTypedInto';

/** A key, and what it does. */
export type ScreenKey = readonly [key: string, does: string];

/** On every screen, after those of its own. */
const EVERYWHERE: readonly ScreenKey[] = [
  ['Tab', 'on to the next thing, with Shift back'],
  ['Esc', 'closes what is open'],
  ['?', 'these keys'],
];

/** The keys of the screen, shown by "?". After Escape the keys are never nowhere: the screen itself has them. */
export function ScreenKeys({ keys }: { readonly keys: readonly ScreenKey[] }) {
  const id = useId();
  const panel = useRef<HTMLElement>(null);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.key !== '?' || isTypedInto(event.target)) return;
      event.preventDefault();
      panel.current?.togglePopover();
    };
    const onKeyUp = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      // Whoever closed gives the focus back first.
      setTimeout(() => {
        if (document.activeElement === document.body) document.getElementById('content')?.focus();
      }, 150);
    };
    window.addEventListener('keydown', onKeyDown);
    window.addEventListener('keyup', onKeyUp);
    return () => {
      window.removeEventListener('keydown', onKeyDown);
      window.removeEventListener('keyup', onKeyUp);
    };
  }, []);
  return (
    <>
      <button
        type="button"
        popoverTarget={id}
        aria-label="Keys of this screen"
        className="min-h-9 px-1 text-soft hover:text-ink max-sm:hidden"
      >
        ?
      </button>
      <section
        ref={panel}
        id={id}
        popover="auto"
        aria-label="Keys of this screen"
        className="fixed top-10 right-0 left-auto m-0 max-h-[calc(100dvh-3rem)] max-w-full overflow-y-auto border-2 border-ink bg-paper p-4 text-ink"
      >
        <p className="font-figure text-[19px] font-semibold">Keys of this screen</p>
        <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1 text-[15px]">
          {[...keys, ...EVERYWHERE].map(([key, does]) => (
            <div key={key} className="contents">
              <dt className="font-semibold">{key}</dt>
              <dd className="whitespace-normal">{does}</dd>
            </div>
          ))}
        </dl>
      </section>
    </>
  );
}
