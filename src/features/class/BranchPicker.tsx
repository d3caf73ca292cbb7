'use client';
import { useState } from 'react';
import { groupBy, missOfNames } from '@/core/base';
import type { BranchChoice } from './classModel';
import { LongList } from '@/ui/LongList';

/** The branches of the tree by the place where they begin, found by any word of them. */
export function BranchPicker({
  choices,
  onToggle,
}: {
  choices: readonly BranchChoice[];
  onToggle: (branch: readonly string[], on: boolean) => void;
}) {
  const [typed, setTyped] = useState('');
  const matching = choices.filter((choice) => missOfNames(typed, [`${choice.place} ${choice.first} ${choice.onward}`]) !== null);
  const chosen = choices.filter((choice) => choice.chosen).length;
  return (
    <section aria-label="Branches" className="mt-4">
      <h2 className="text-[19px]">
        Branches <span className="text-red">{chosen}</span>
      </h2>
      <input
        aria-label="Find a branch"
        placeholder="find: guard, move, pin …"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        className="min-h-9 w-full border-b-2 border-red bg-paper font-figure text-[15px] outline-none"
      />
      {choices.length === 0 && <p className="text-soft">The tree has no branch yet. Draw one on the board.</p>}
      <LongList
        about={52}
        rows={[...groupBy(matching, (choice) => choice.place)].flatMap(([place, list]) => [
          { key: `place ${place}`, drawn: () => <h3 className="pt-3 text-[15px]">{place}</h3> },
          ...list.map((choice) => ({
            key: choice.key,
            drawn: () => (
              <label className="flex gap-2 border-t border-hair py-1">
                <input
                  type="checkbox"
                  className="mt-1"
                  checked={choice.chosen}
                  onChange={(event) => onToggle(choice.branch, event.target.checked)}
                />
                <span>
                  {choice.first}
                  <span className="block text-[13px] text-soft">{choice.onward}</span>
                </span>
              </label>
            ),
          })),
        ])}
      />
    </section>
  );
}
