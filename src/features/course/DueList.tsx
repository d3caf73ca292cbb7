'use client';
import { useMemo, useState } from 'react';
import { optionsAmong } from '@/client/optionsAmong';
import { dayProblem } from '@/client/days';
import type { Due } from '@/core/classes';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { sayMove } from '@/core/words';
import { PickOne } from '@/ui/PickOne';
import { TextLine } from '@/ui/TextLine';

const MOST = 24;

interface Props {
  readonly tree: TreeDocument;
  readonly due: readonly Due[];
  /** The day that is offered, 'YYYY-MM-DD'. */
  readonly usual: string;
  readonly onChange: (due: Due[]) => void;
}

/** What these people are to drill again by a day, before it is forgotten: ahead of the event for which it is. */
export function DueList({ tree, due, usual, onChange }: Props) {
  const [by, setBy] = useState<string | null>(null);
  const index = indexOf(tree);
  const moves = useMemo(() => {
    const { transitions } = tree;
    const own = transitions.filter(({ actor }) => actor === 'owner');
    return own.map((move) => ({ key: move.id, name: `${sayMove(move)}, from ${positionOf(indexOf(tree), move.from).name}` }));
  }, [tree]);
  const free = moves.filter(({ key }) => !due.some(({ move }) => move === key));
  if (moves.length === 0) return null;
  return (
    <details>
      <summary className="min-h-8 font-figure text-[15px] font-medium">
        To come again by a day … {due.length > 0 && `(${due.length})`}
      </summary>
      <ul aria-label="To come again by a day">
        {due.map(({ move, by: day }, i) => {
          const found = index.transitions.get(move);
          const name = found ? sayMove(found) : 'a move that is gone';
          return (
            <li key={move} className="flex flex-wrap items-baseline justify-between gap-x-2 border-t border-hair py-1">
              <span className="min-w-0">
                {name} <span className="whitespace-nowrap text-soft">by {day}</span>
              </span>
              <button
                type="button"
                aria-label={`Not due: ${name}`}
                className="min-h-8 underline"
                onClick={() => onChange(due.toSpliced(i, 1))}
              >
                Not due
              </button>
            </li>
          );
        })}
      </ul>
      {due.length < MOST && (
        <div className="flex flex-wrap items-end gap-2">
          <TextLine label="By the day" value={by ?? usual} check={dayProblem} onChange={setBy} />
          <PickOne
            label="A move that is due"
            shown="pick a move"
            optionsFor={(typed) => optionsAmong(free, typed)}
            onPick={(move) => onChange([...due, { move, by: by ?? usual }].toSorted((a, b) => (a.by < b.by ? -1 : 1)))}
          />
        </div>
      )}
    </details>
  );
}
