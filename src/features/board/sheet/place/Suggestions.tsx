import { useMemo } from 'react';
import { findSuggestions } from '@/core/structure';
import { indexOf, positionOf, type Position, type TreeDocument, type Value } from '@/core/tree';
import { sayMine } from '@/core/words';

const LISTED = 3;

/** What this tree already has for an unanswered value: places that its words name, answers to the same elsewhere. */
export function Suggestions({ tree, position, value }: { tree: TreeDocument; position: Position; value: Value }) {
  const found = useMemo(() => findSuggestions(tree, position.id, value), [tree, position.id, value]);
  const index = indexOf(tree);
  const parts = [
    ...found.positions.slice(0, LISTED).map((id) => `it could land on ${positionOf(index, id).name}`),
    ...found.transitions.slice(0, LISTED).map((id) => {
      const move = index.transitions.get(id)!;
      return `${sayMine(move.name)}, as in ${positionOf(index, move.from).name}`;
    }),
  ];
  return parts.length === 0 ? null : <p className="ml-3 text-[13px] text-soft">Perhaps: {parts.join('; ')}.</p>;
}
