import type { Dispatch } from 'react';
import type { TreeDocument } from '@/core/tree';
import { Caret } from '@/ui/Caret';
import type { BoardAction } from '../boardState';
import { findOptions } from '../find';

interface Props {
  /** The tree as it is looked at. */
  readonly tree: TreeDocument;
  readonly dispatch: Dispatch<BoardAction>;
  readonly onClose: () => void;
}

/** A line to find a position by name; Enter shows it. */
export function FindLine({ tree, dispatch, onClose }: Props) {
  return (
    <Caret
      lead="Find"
      label="Find a position of this tree"
      optionsFor={(typed) => findOptions(tree, typed)}
      onPick={(option) => {
        onClose();
        dispatch({ type: 'select', position: option.key });
      }}
      onClose={onClose}
    />
  );
}
