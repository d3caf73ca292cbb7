'use client';
import type { Dispatch } from 'react';
import { UndoButtons } from '@/client/UndoButtons';
import { screenLinks } from '@/client/screenLinks';
import type { OpenDocument } from '@/client/store/useDocument';
import { queryOf } from '@/contracts/filterQuery';
import type { TreeDocument } from '@/core/tree';
import { sayOpenCount } from '@/core/words';
import { AppStrip } from '@/ui/AppStrip';
import { StoredStatus } from '@/ui/StoredStrip';
import { StripButton } from '@/ui/StripButton';
import type { BoardAction, BoardState, BoardView } from '../boardState';

const VIEWS: readonly (readonly [BoardView, string])[] = [
  ['tree', 'Whole tree'],
  ['guard', 'One guard'],
  ['hub', 'One hub'],
  ['route', 'One route'],
];

interface Props {
  readonly state: BoardState;
  readonly edits: OpenDocument<TreeDocument>;
  /** Null = not counted yet. */
  readonly broken: number | null;
  readonly dispatch: Dispatch<BoardAction>;
  readonly onFind: () => void;
  /** The row of filters is open. */
  readonly looking: boolean;
  readonly onLook: () => void;
  /** The window shows one rung at a time. */
  readonly isNarrow: boolean;
}

export function BoardStrip({ state, edits, broken, dispatch, onFind, looking, onLook, isNarrow }: Props) {
  const select = (view: BoardView) => dispatch({ type: 'view', view });
  const isWalk = isNarrow && state.narrow === 'walk';
  return (
    <AppStrip
      title={state.tree.name}
      links={screenLinks(state.tree.id, 'Board', queryOf(state.filter))}
      always={
        <>
          <StoredStatus stored={edits.stored} />
          <StripButton onClick={onFind}>Find /</StripButton>
          <StripButton onClick={() => dispatch({ type: 'sheet', sheet: 'findings' })} className="font-semibold text-red!">
            {sayOpenCount(state.swapped, broken)}
          </StripButton>
        </>
      }
    >
      <div role="group" aria-label="Show" className="flex gap-3 max-xl:flex-wrap">
        {isNarrow && (
          <StripButton chosen={isWalk} onClick={() => dispatch({ type: 'walk' })}>
            One rung
          </StripButton>
        )}
        {VIEWS.map(([view, label]) => (
          <StripButton key={view} chosen={state.view === view && !isWalk} onClick={() => select(view)}>
            {label}
          </StripButton>
        ))}
      </div>
      <StripButton aria-expanded={looking} onClick={onLook} className="xl:ml-auto">
        For whom
      </StripButton>
      <UndoButtons {...edits} />
    </AppStrip>
  );
}
