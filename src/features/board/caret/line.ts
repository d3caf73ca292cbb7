import type { Dispatch } from 'react';
import type { Catalogue } from '@/core/catalogue';
import { tooLong } from '@/core/dictation';
import type { TreeDocument } from '@/core/tree';
import { sayNameTooLong } from '@/core/words';
import type { BoardAction, Caret } from '../boardState';
import { draftOf, keepDraft, lineKey } from '../typing/drafts';

/** What every line of the caret is given. */
export interface LineProps<C extends Caret = Caret> {
  readonly tree: TreeDocument;
  readonly caret: C;
  readonly catalogue: Catalogue | null;
  readonly skipped: ReadonlySet<string>;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Why names cannot be kept, said before Enter; null = they can. */
export function saysTooLong(names: readonly string[]): string | null {
  const [long] = tooLong(names);
  return long === undefined ? null : sayNameTooLong(long);
}

/** What every line does alike: half a line is kept when it is left, and forgotten when it was taken. */
export function lineOf({ tree, caret, dispatch }: LineProps) {
  const key = lineKey(tree.id, caret);
  return {
    shared: {
      start: draftOf(key),
      onTyped: (typed: string) => keepDraft(key, typed),
      onClose: () => dispatch({ type: 'caret', caret: null }),
    },
    take: (action: BoardAction): null => {
      keepDraft(key, '');
      dispatch(action);
      return null;
    },
  };
}
