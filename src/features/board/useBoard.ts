'use client';
import { useCallback, useMemo, useReducer, type Dispatch } from 'react';
import { useDocument, type OpenDocument } from '@/client/store/useDocument';
import { fromOtherSide } from '@/core/lens';
import type { TreeDocument } from '@/core/tree';
import { boardOn, openBoard, reduceBoard, type BoardAction, type BoardState, type OpenedBoard } from './boardState';

/** The board's state: the tree as the store has it, and how it is looked at. An edit made from the other side is turned back first. */
export function useBoard(opened: OpenedBoard): { state: BoardState; dispatch: Dispatch<BoardAction>; edits: OpenDocument<TreeDocument> } {
  const edits = useDocument<TreeDocument>('tree', { document: opened.tree, revision: opened.revision }, { quiet: false });
  const [look, dispatchLook] = useReducer(reduceBoard, opened, openBoard);
  const { document, edit, undo, redo } = edits;
  const state = useMemo(() => boardOn(look, document), [look, document]);
  const { swapped } = look;
  const dispatch = useCallback(
    (action: BoardAction) => {
      if (action.type === 'edit') edit(action.label, (now) => (swapped ? fromOtherSide(action.tree, now) : action.tree));
      else if (action.type === 'undo') undo();
      else if (action.type === 'redo') redo();
      dispatchLook(action);
    },
    [edit, undo, redo, swapped],
  );
  return { state, dispatch, edits };
}
