import type { Dispatch } from 'react';
import type { Catalogue } from '@/core/catalogue';
import type { TreeView } from '@/core/lens';
import { indexOf, type TransitionId } from '@/core/tree';
import type { Subject } from '@/workers/useAnswer';
import type { BoardAction, BoardState } from './boardState';
import { CaretLine } from './caret/later';
import { SIDE_SHEET } from './grid';
import { FilterDifference, FindingsSheet, OutlineSheet, RouteSheet, RungSheet } from './parts';
import type { Ways } from './route/useRoutes';
import type { Shut } from './shut';
import type { BoardAnswers } from './useBoardAnswers';

interface Props {
  /** The board's state with the tree as it is looked at. */
  readonly state: BoardState;
  readonly subject: Subject;
  readonly look: TreeView;
  readonly catalogue: Catalogue | null;
  readonly shut: ReadonlyMap<TransitionId, Shut>;
  readonly ways: Ways;
  readonly answers: BoardAnswers;
  /** The caret stands in the picture: the sheet needs none. */
  readonly onBoard: boolean;
  /** Instead of the climb, on a narrow window. */
  readonly isAlone: boolean;
  readonly dispatch: Dispatch<BoardAction>;
}

const OVER = 'underline min-h-11 min-[901px]:min-h-9';
const UNDER = 'min-h-8 underline';

/** What is said of the picture: of the place in focus, of the route, or of the whole tree. */
export function SideSheet({ state, subject, look, catalogue, shut, ways, answers, onBoard, isAlone, dispatch }: Props) {
  const { selected, caret, sheet, view, filter, swapped, gripsOn, skipped } = state;
  const { seen: tree, shown } = look;
  const { odds, said, findings, spoken } = answers;
  const position = selected === null ? undefined : indexOf(tree).positions.get(selected);
  const isOfRoute = view === 'route';
  const press = (words: string, className: string, action: BoardAction) => (
    <button type="button" className={className} onClick={() => dispatch(action)}>
      {words}
    </button>
  );
  return (
    <aside aria-label="Side sheet" className={`${SIDE_SHEET} ${isAlone ? 'min-h-0 flex-1' : ''}`}>
      {isAlone && press('Back to the climb', OVER, { type: 'walk' })}
      {isOfRoute && sheet !== 'route' && press('About the route', OVER, { type: 'sheet', sheet: 'route' })}
      {!onBoard && caret?.kind === 'guard' && <CaretLine {...{ tree, caret, catalogue, skipped, dispatch }} />}
      {sheet === 'outline' ? (
        <OutlineSheet tree={subject.tree} subject={subject} selected={selected} pasted={state.pasted} dispatch={dispatch} />
      ) : position && sheet === 'rung' ? (
        <RungSheet
          {...{ tree, shown, shut, gripsOn, catalogue, position, said, skipped, dispatch }}
          hidden={look.hidden}
          odds={odds.value}
          pending={odds.pending}
          caret={onBoard || caret?.kind === 'guard' ? null : caret}
          asked={state.asked}
        />
      ) : sheet === 'route' && isOfRoute ? (
        <RouteSheet {...{ tree: shown, ways, gripsOn, dispatch }} ends={state.ends} />
      ) : (
        <>
          <FilterDifference {...{ subject, filter }} onPosition={(id) => dispatch({ type: 'select', position: id })} />
          <FindingsSheet tree={tree} of={spoken} answer={findings} dispatch={dispatch} />
        </>
      )}
      <p className="mt-6 border-t border-hair pt-2 text-[13px] text-soft">
        {press(`Draw another guard ${tree.owner === 'passer' ? 'he shows' : 'I hold'}`, UNDER, { type: 'caret', caret: { kind: 'guard' } })}
        {sheet !== 'outline' && !swapped && press('As an outline', `ml-4 ${UNDER}`, { type: 'sheet', sheet: 'outline' })}
      </p>
    </aside>
  );
}
