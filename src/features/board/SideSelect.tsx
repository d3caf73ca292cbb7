import type { Dispatch } from 'react';
import type { TreeDocument } from '@/core/tree';
import type { BoardAction } from './boardState';

/** From whose side the tree is read; the other side is the defender's view. */
export function SideSelect({ tree, swapped, dispatch }: { tree: TreeDocument; swapped: boolean; dispatch: Dispatch<BoardAction> }) {
  return (
    <label className="flex items-baseline gap-1.5 text-soft">
      Seen by
      <select
        className="min-h-9 max-w-32 bg-paper font-medium text-ink"
        value={swapped ? 'other' : 'owner'}
        onChange={(event) => dispatch({ type: 'seen', swapped: event.target.value === 'other' })}
      >
        <option value="owner">{tree.owner === 'passer' ? 'the passer' : 'the guard player'}</option>
        <option value="other">{tree.owner === 'passer' ? 'the guard player' : 'the passer'}</option>
      </select>
    </label>
  );
}
