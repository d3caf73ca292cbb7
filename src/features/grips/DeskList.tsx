import { useEffect, useMemo, useRef, useState, type Ref } from 'react';
import { sayMove, plural } from '@/core/words';
import type { TreeDocument } from '@/core/tree';
import { findOnDesk } from './deskFound';
import { HOLD_LINE } from './HoldLine';
import type { SubjectId } from './subject';
import { LongList } from '@/ui/LongList';

interface ItemProps {
  readonly words: string;
  readonly note: string;
  readonly chosen: boolean;
  readonly className: string;
  readonly onPick: () => void;
}

/** A line of the list; the chosen one comes into sight. */
function Item({ words, note, chosen, className, onPick }: ItemProps) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (chosen) button.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <button
      ref={button}
      type="button"
      aria-current={chosen}
      className={`min-h-8 w-full text-left font-figure leading-tight ${className} ${chosen ? 'bg-tint font-semibold' : 'hover:underline'}`}
      onClick={onPick}
    >
      {words} {note !== '' && <span className="text-[13px] font-normal text-soft">{note}</span>}
    </button>
  );
}

const keyOf = ({ kind, id }: SubjectId): string => `${kind} ${id}`;

interface Props {
  readonly tree: TreeDocument;
  readonly chosen: SubjectId | null;
  readonly findRef: Ref<HTMLInputElement>;
  readonly onPick: (subject: SubjectId) => void;
}

/** The tree's places with the moves out of each; what is typed narrows them, Enter takes what is meant most exactly and goes to its line. */
export function DeskList({ tree, chosen, findRef, onPick }: Props) {
  const [typed, setTyped] = useState('');
  const written = tree.transitions.filter((transition) => (transition.steps ?? []).length > 0).length;
  const { groups, best } = useMemo(() => findOnDesk(tree, typed), [tree, typed]);
  const takeBest = () => {
    if (!best) return;
    onPick(best);
    requestAnimationFrame(() => document.getElementById(HOLD_LINE)?.focus());
  };
  const row = (subject: SubjectId, words: string, note: string, className: string) => ({
    key: keyOf(subject),
    drawn: () => (
      <Item
        {...{ words, className }}
        note={[note, ...(best && keyOf(best) === keyOf(subject) ? ['Enter'] : [])].filter(Boolean).join(' · ')}
        chosen={chosen !== null && keyOf(chosen) === keyOf(subject)}
        onPick={() => onPick(subject)}
      />
    ),
  });
  return (
    <nav
      aria-label="Moves"
      className="flex min-h-0 flex-col overflow-hidden border-r-2 border-ink p-3 max-lg:h-60 max-sm:h-56 max-lg:border-r-0 max-lg:border-b-2 print:hidden"
    >
      <h1 className="text-[24px]">Grips</h1>
      <a href={`#${HOLD_LINE}`} className="sr-only focus:not-sr-only focus:inline-block focus:min-h-8">
        To the line of holds
      </a>
      <p className="text-soft">
        {plural(written, 'move')} of {tree.transitions.length} with steps.
      </p>
      <input
        ref={findRef}
        type="search"
        aria-label="Find a place or a move"
        placeholder="find /"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') takeBest();
          if (event.key === 'Escape') setTyped('');
        }}
        className="mt-1 min-h-9 w-full border-b-2 border-red bg-paper font-figure text-[15px] placeholder:text-soft"
      />
      {groups.length === 0 && typed.trim() !== '' && <p className="mt-2">Nothing by these words.</p>}
      <LongList
        className="mt-2"
        box="min-h-0 flex-1 overflow-y-auto"
        about={32}
        shown={(best ?? chosen) && keyOf((best ?? chosen)!)}
        rows={groups.flatMap(({ position, transitions }) => [
          row(
            { kind: 'position', id: position.id },
            position.name,
            position.holds || position.theirHolds ? 'held' : '',
            'border-t border-hair pt-1 text-[15px] font-medium',
          ),
          ...transitions.map((transition) =>
            row(
              { kind: 'transition', id: transition.id },
              sayMove(transition),
              transition.steps ? plural(transition.steps.length, 'step') : '',
              `pl-3 text-[15px] ${transition.actor === 'owner' ? '' : 'text-his'}`,
            ),
          ),
        ])}
      />
    </nav>
  );
}
