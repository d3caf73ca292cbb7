import { useMemo, type Dispatch } from 'react';
import { sayContact } from '@/core/contacts';
import { transitionsOnRoute } from '@/core/grips';
import { threatsAlong } from '@/core/structure';
import { indexOf, positionOf, type Contact, type PositionId, type Transition, type TreeDocument } from '@/core/tree';
import { asSentence, ENDING_WORDS, sayCleared, sayHis, sayMove, sayPrevented, sayShownAt, sayWhenever, TEMPO_WORDS } from '@/core/words';
import type { BoardAction } from '../boardState';
import { LineTicks } from '../LineTicks';

interface Props {
  /** The tree under the filter. */
  readonly tree: TreeDocument;
  readonly route: readonly PositionId[];
  /** His grips that are on now. */
  readonly gripsOn: readonly Contact[];
  readonly selected: PositionId | null;
  readonly dispatch: Dispatch<BoardAction>;
}

/** What of mine is held when a place is reached: at the end of the move's steps, else what the place says. */
function heldAt(tree: TreeDocument, id: PositionId, by: Transition | undefined): string[] {
  const contacts = by?.steps?.at(-1)?.contacts ?? positionOf(indexOf(tree), id).holds ?? [];
  return [...new Set(contacts.filter(({ athlete }) => athlete === 'owner').map(sayContact))];
}

/** One way as a ladder, the start at its foot: each rung with what is cleared and held there, between them "I …" and what it answers. */
export function RouteLadder({ tree, route, gripsOn, selected, dispatch }: Props) {
  const index = indexOf(tree);
  const moves = useMemo(() => transitionsOnRoute(tree, route, gripsOn), [tree, route, gripsOn]);
  const threats = useMemo(() => threatsAlong(tree, route), [tree, route]);
  return (
    <ol
      aria-label="The way, from its goal down to its start"
      className="mx-auto flex max-w-3xl flex-col-reverse p-4 [overflow-wrap:anywhere]"
    >
      {route.map((id, i) => {
        const position = positionOf(index, id);
        const move = moves.find(({ from }) => from === id);
        const danger = threats.filter((threat) => threat.position === id);
        const held = heldAt(
          tree,
          id,
          moves.find(({ from }) => from === route[i - 1]),
        );
        return (
          <li key={id} className="border-x-[3px] border-red px-4">
            {move && (
              <p className="border-l border-route py-3 pl-4">
                <span className="font-figure text-[17px] font-medium">{sayMove(move)}</span>
                <span className="block text-his">{sayWhenever(position, move)}</span>
                {(move.stoppedBy ?? []).length > 0 && (
                  <span className="block text-[14px] text-soft">stopped if {sayShownAt(position, move.stoppedBy!)}</span>
                )}
                {sayPrevented(move) !== null && <span className="block text-[14px] text-soft">{sayPrevented(move)}</span>}
                {move.reason && <span className="block text-[14px] text-soft">why: {move.reason}</span>}
              </p>
            )}
            <button
              type="button"
              aria-pressed={id === selected}
              data-on-route={id}
              onClick={() => dispatch({ type: 'select', position: id })}
              className={`-mx-4 block min-h-12 w-[calc(100%+2rem)] px-4 pb-2 text-left hover:bg-tint ${id === selected ? 'bg-tint' : ''}`}
            >
              <span aria-hidden className={`mb-1 block h-[5px] ${position.ends ? 'bg-red' : 'bg-ink'}`} />
              <span className="flex items-start gap-3">
                <span className="mt-1">
                  <LineTicks lines={position.lines} className="w-4" />
                </span>
                <span>
                  <span className="font-figure text-[19px] font-semibold">{position.name}</span>
                  <span className="block text-[14px] text-soft">
                    {position.ends ? asSentence(ENDING_WORDS[position.ends]) : TEMPO_WORDS[position.tempo]}{' '}
                    {asSentence(sayCleared(position.lines))}
                    {held.length > 0 && ` Held: ${held.join('; ')}.`}
                  </span>
                  {danger.length > 0 && (
                    <span className="block text-[14px] text-red">
                      He threatens: {danger.map(({ transition }) => sayHis(index.transitions.get(transition)!.name)).join('; ')}.
                    </span>
                  )}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
