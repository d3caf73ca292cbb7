import { useMemo, type Dispatch } from 'react';
import { findSuggestions } from '@/core/structure';
import { indexOf, positionOf, withSameMove, type Position, type Read, type TreeDocument, type Value } from '@/core/tree';
import { sayMine, saySuggestedLanding } from '@/core/words';
import type { BoardAction } from '../../boardState';

const LISTED = 3;
interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly read: Read;
  readonly value: Value;
  readonly dispatch: Dispatch<BoardAction>;
}

/** What this tree already has for an unanswered value: answers to the same elsewhere, taken by a press, and places that its words name. */
export function Suggestions({ tree, position, read, value, dispatch }: Props) {
  const found = useMemo(() => findSuggestions(tree, position.id, value), [tree, position.id, value]);
  const index = indexOf(tree);
  const moves = found.transitions.slice(0, LISTED).map((id) => index.transitions.get(id)!);
  const places = found.positions.slice(0, LISTED).map((id) => positionOf(index, id));
  if (moves.length + places.length === 0) return null;
  const take = (id: string, name: string) =>
    dispatch({
      type: 'edit',
      label: `${position.name}: ${sayMine(name)}, as elsewhere`,
      tree: withSameMove(tree, id, position.id, read.id, value.id),
    });
  return (
    <div className="ml-3 text-[13px]">
      <p className="text-soft">Perhaps:</p>
      {moves.map(({ id, name, from, to }) => (
        <button key={id} type="button" className="block min-h-8 text-left underline" onClick={() => take(id, name)}>
          <span className="text-soft">as in {positionOf(index, from).name}:</span> {sayMine(name)}{' '}
          <span className="text-soft">→ {positionOf(index, to).name}</span>
        </button>
      ))}
      {places.map((place) => (
        <p key={place.id} className="text-soft">
          {saySuggestedLanding(place.name)}
        </p>
      ))}
    </div>
  );
}
