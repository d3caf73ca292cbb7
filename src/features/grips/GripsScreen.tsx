'use client';
import { useEffect, useRef, useState } from 'react';
import { useTreeEdits } from '@/client/useTreeEdits';
import { useUndoKeys } from '@/client/useUndoKeys';
import { groupBy } from '@/core/base';
import { sayMove, type TreeDocument } from '@/core/tree';
import { plural } from '@/ui/figures';
import { screenLinks } from '@/ui/screenLinks';
import { StoredStrip } from '@/ui/StoredStrip';
import { StripButton } from '@/ui/StripButton';
import { Desk, type Look } from './Desk';
import { subjectOf, type SubjectId } from './subject';

interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  /** A move, or else a place, to begin with. */
  readonly at: string | null;
  readonly place: string | null;
}

/** What is on the desk when nothing was asked for: the first move with steps, else the first there is. */
function firstOf(tree: TreeDocument, { at, place }: Pick<Props, 'at' | 'place'>): SubjectId | null {
  if (at !== null) return { kind: 'move', id: at };
  if (place !== null) return { kind: 'place', id: place };
  const move = tree.transitions.find((item) => item.steps) ?? tree.transitions[0];
  if (move) return { kind: 'move', id: move.id };
  return tree.positions[0] ? { kind: 'place', id: tree.positions[0].id } : null;
}

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

/** Who holds what with what, step by step: one move or place at a time, chosen from the tree's. */
export function GripsScreen({ tree: opened, revision, at, place }: Props) {
  const { tree, isStored, problem, undoes, redoes, edit, undo, redo } = useTreeEdits(opened, revision);
  const [chosen, setChosen] = useState(() => firstOf(opened, { at, place }));
  const [look, setLook] = useState<Look>({ isFlipped: false, isBare: false });
  useUndoKeys({ onUndo: undo, onRedo: redo });
  const subject = chosen && subjectOf(tree, chosen);
  const byPlace = groupBy(tree.transitions, (move) => move.from);
  const written = tree.transitions.filter((move) => (move.steps ?? []).length > 0).length;
  const is = (kind: SubjectId['kind'], id: string): boolean => chosen?.kind === kind && chosen.id === id;
  return (
    <div className="flex h-dvh flex-col print:block print:h-auto">
      <StoredStrip title={tree.name} links={screenLinks(tree.id, null)} isStored={isStored} problems={[problem]}>
        <StripButton disabled={undoes === null} title={undoes ?? undefined} onClick={undo}>
          Undo
        </StripButton>
        <StripButton disabled={redoes === null} title={redoes ?? undefined} onClick={redo}>
          Redo
        </StripButton>
      </StoredStrip>
      <main className="grid min-h-0 flex-1 grid-cols-[236px_minmax(0,1fr)] max-lg:grid-cols-1 max-lg:overflow-auto print:block">
        <nav
          aria-label="Moves"
          className="overflow-y-auto border-r-2 border-ink p-3 max-lg:max-h-60 max-lg:border-r-0 max-lg:border-b-2 print:hidden"
        >
          <h1 className="text-[24px]">Grips</h1>
          <p className="text-soft">
            {plural(written, 'move')} of {tree.transitions.length} with steps.
          </p>
          <ul className="mt-2">
            {tree.positions.map((position) => (
              <li key={position.id} className="border-t border-hair py-1">
                <Item
                  words={position.name}
                  note={position.holds || position.theirHolds ? 'held' : ''}
                  chosen={is('place', position.id)}
                  className="text-[15px] font-medium"
                  onPick={() => setChosen({ kind: 'place', id: position.id })}
                />
                {(byPlace.get(position.id) ?? []).map((move) => (
                  <Item
                    key={move.id}
                    words={sayMove(move)}
                    note={move.steps ? plural(move.steps.length, 'step') : ''}
                    chosen={is('move', move.id)}
                    className={`pl-3 text-[15px] ${move.actor === 'owner' ? '' : 'text-his'}`}
                    onPick={() => setChosen({ kind: 'move', id: move.id })}
                  />
                ))}
              </li>
            ))}
          </ul>
        </nav>
        <div className="overflow-auto p-5 print:overflow-visible print:p-0">
          {subject ? (
            <Desk key={`${subject.kind} ${subject.id}`} tree={tree} subject={subject} look={look} onLook={setLook} onEdit={edit} />
          ) : (
            <p>Draw a place and a move on the board first; their grips are then written here, step by step.</p>
          )}
        </div>
      </main>
    </div>
  );
}
