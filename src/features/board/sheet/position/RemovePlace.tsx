import { useMemo, type Dispatch } from 'react';
import { movesOf } from '@/core/findings';
import { withoutPosition, type Position, type TreeDocument } from '@/core/tree';
import { plural } from '@/core/words';
import type { BoardAction } from '../../boardState';
import { Remove } from '../Remove';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Takes a place out of the tree, with the moves that begin or land there. */
export function RemovePlace({ tree, position: { id, name }, dispatch }: Props) {
  const removed = useMemo(() => ({ position: id }), [id]);
  return (
    <Remove
      tree={tree}
      removed={removed}
      words={`Remove this position and its ${plural(movesOf(tree, removed).size, 'transition')}`}
      onRemove={() => dispatch({ type: 'edit', label: `${name} removed`, tree: withoutPosition(tree, id), select: null, caret: null })}
    />
  );
}
