import type { Dispatch } from 'react';
import type { TreeDocument } from '@/core/tree';
import { OWNER_WORDS } from '@/core/words';
import { Select } from '@/ui/Select';
import type { BoardAction } from '../boardState';

/** From whose side the tree is read; the other side is the defender's view. */
export function SideSelect({ tree, swapped, dispatch }: { tree: TreeDocument; swapped: boolean; dispatch: Dispatch<BoardAction> }) {
  const other = tree.owner === 'passer' ? 'guardPlayer' : 'passer';
  return (
    <Select
      label="Seen by"
      labelled="beside"
      value={swapped ? 'other' : 'owner'}
      options={[
        ['owner', OWNER_WORDS[tree.owner]],
        ['other', OWNER_WORDS[other]],
      ]}
      onChange={(side) => dispatch({ type: 'seen', swapped: side === 'other' })}
    />
  );
}
