import { useMemo } from 'react';
import { findSuggestions } from '@/core/structure';
import type { Position, TreeDocument, Value } from '@/core/tree';
import { saySuggestions } from '@/core/words';

const LISTED = 3;

/** What this tree already has for an unanswered value: places that its words name, answers to the same elsewhere. */
export function Suggestions({ tree, position, value }: { tree: TreeDocument; position: Position; value: Value }) {
  const found = useMemo(() => findSuggestions(tree, position.id, value), [tree, position.id, value]);
  const parts = saySuggestions(tree, found.positions.slice(0, LISTED), found.transitions.slice(0, LISTED));
  return parts.length === 0 ? null : <p className="ml-3 text-[13px] text-soft">Perhaps: {parts.join('; ')}.</p>;
}
