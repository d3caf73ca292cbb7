'use client';
import type { Dispatch } from 'react';
import { queryOf } from '@/contracts/filterQuery';
import { AppStrip } from '@/ui/AppStrip';
import { screenLinks } from '@/ui/screenLinks';
import { StripButton } from '@/ui/StripButton';
import { plural } from '@/ui/figures';
import type { BoardAction, BoardState, BoardView } from './boardState';

const VIEWS: readonly (readonly [BoardView, string])[] = [
  ['tree', 'Whole tree'],
  ['guard', 'One guard'],
  ['hub', 'One hub'],
  ['route', 'One route'],
];

interface Props {
  readonly state: BoardState;
  readonly broken: number;
  readonly dispatch: Dispatch<BoardAction>;
  readonly onFind: () => void;
  /** The row of filters is open. */
  readonly looking: boolean;
  readonly onLook: () => void;
}

function saveWord({ pending, problem }: BoardState): string {
  if (problem) return 'not stored';
  return pending.length > 0 ? 'storing …' : 'stored';
}

export function BoardStrip({ state, broken, dispatch, onFind, looking, onLook }: Props) {
  const select = (view: BoardView) => dispatch({ type: 'view', view });
  return (
    <AppStrip title={state.tree.name} links={screenLinks(state.tree.id, 'Board', queryOf(state.filter))}>
      <div role="group" aria-label="Show" className="flex gap-3">
        {VIEWS.map(([view, label]) => (
          <StripButton key={view} chosen={state.view === view} onClick={() => select(view)}>
            {label}
          </StripButton>
        ))}
      </div>
      <span role="status" className="ml-auto text-[13px] text-soft">
        {saveWord(state)}
      </span>
      <StripButton aria-expanded={looking} onClick={onLook}>
        For whom
      </StripButton>
      <StripButton onClick={onFind}>Find /</StripButton>
      <StripButton disabled={state.past.length === 0} onClick={() => dispatch({ type: 'undo' })}>
        Undo
      </StripButton>
      <StripButton disabled={state.future.length === 0} onClick={() => dispatch({ type: 'redo' })}>
        Redo
      </StripButton>
      <StripButton onClick={() => dispatch({ type: 'sheet', sheet: 'findings' })} className="font-semibold text-red!">
        {plural(broken, 'broken rung')}
      </StripButton>
    </AppStrip>
  );
}
