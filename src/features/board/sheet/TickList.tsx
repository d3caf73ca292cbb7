'use client';
import { useState } from 'react';

interface Props {
  readonly title: string;
  readonly items: readonly string[];
}

/** A list to be ticked at the mat. What is ticked is of this moment: it is not kept, and empty the next time. */
export function TickList({ title, items }: Props) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const toggle = (item: string) => setTicked(new Set(ticked.has(item) ? [...ticked].filter((other) => other !== item) : [...ticked, item]));
  const left = items.filter((item) => !ticked.has(item)).length;
  return (
    <fieldset>
      <legend className="text-[15px] font-semibold">
        {title}
        {ticked.size > 0 && (
          <span role="status" className="ml-2 font-normal text-soft">
            {left === 0 ? 'all of it' : `${left} left`}
          </span>
        )}
      </legend>
      {items.map((item) => (
        <label key={item} className="flex min-h-8 items-baseline gap-2">
          <input type="checkbox" checked={ticked.has(item)} onChange={() => toggle(item)} />
          {item}
        </label>
      ))}
    </fieldset>
  );
}
