'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { idToAddress } from '@/contracts/address';
import { treeInGym } from '@/core/people';
import { isFiltering, viewTree } from '@/core/lens';
import { Working } from '@/client/Working';
import { StaleDialog } from '@/client/store/StaleDialog';
import { useUndoKeys } from '@/client/useUndoKeys';
import { whenIdle } from '@/client/later';
import { StoredAlert, WAITS } from '@/ui/StoredStrip';
import { useWindowWidth } from '@/ui/useWindowWidth';
import { BoardCanvas } from './canvas/BoardCanvas';
import type { OpenedBoard } from './boardState';
import { BoardStrip } from './bars/BoardStrip';
import { FindLine } from './caret/later';
import { BOARD_GRID, WIDE_SHEET } from './grid';
import { FilterRow, PARTS, RoundWalk, RouteLadder, SideSelect, Walk } from './parts';
import { SideSheet } from './SideSheet';
import { shutOptions } from './shut';
import { useCatalogue } from '@/client/useCatalogue';
import { useBoard } from './useBoard';
import { useBoardAnswers } from './useBoardAnswers';
import { SubjectContext } from './subject';
import { useScene } from './useScene';
import { caretAnchor } from './camera/rooms';
import { useRoutes } from './route/useRoutes';

/** Of the picture, in px; the outline beside it makes it no narrower, so that nothing is laid out anew. */
function useBoardWidth(): { width: number; isNarrow: boolean } {
  const width = useWindowWidth();
  const isNarrow = width <= 900;
  return { width: isNarrow ? width : width - 300, isNarrow };
}

export function BoardScreen(opened: OpenedBoard) {
  const { state, dispatch, edits } = useBoard(opened);
  useEffect(() => whenIdle(PARTS.map((part) => () => part.ask())), []);
  const router = useRouter();
  const [finding, setFinding] = useState(false);
  const [walked, setWalked] = useState(opened.round ?? null);
  const [looking, setLooking] = useState(isFiltering(opened.filter));
  const { selected, caret, sheet, view, filter, swapped, gripsOn } = state;
  const { revision } = edits.state;
  const inGym = useMemo(() => treeInGym(state.tree, opened.book), [state.tree, opened.book]);
  const look = useMemo(() => viewTree(inGym, filter, swapped), [inGym, filter, swapped]);
  const { seen: tree, shown } = look;
  const catalogue = useCatalogue(state.caret !== null || finding, tree.owner);
  const seenState = useMemo(() => ({ ...state, tree: shown }), [state, shown]);
  useUndoKeys({
    onUndo: () => dispatch({ type: 'undo' }),
    onRedo: () => dispatch({ type: 'redo' }),
    onFind: () => setFinding(true),
  });
  const isAllStored = edits.state.pending.length === 0;
  const subject = useMemo(
    () => ({ tree: state.tree, revision: isAllStored ? revision : null, book: opened.book }),
    [state.tree, isAllStored, revision, opened.book],
  );
  const asWhom = useMemo(() => ({ filter, swapped }), [filter, swapped]);
  const ways = useRoutes({ subject, look: asWhom, shown, state });
  const { width, isNarrow } = useBoardWidth();
  const narrow = isNarrow ? state.narrow : null;
  const { scene, drawing } = useScene({ state: seenState, arrangedBy: tree, subject, look: asWhom, width });
  const shownPosition = sheet === 'rung' ? selected : null;
  const answers = useBoardAnswers({ subject, look: asWhom, view: look, shownPosition });
  const about = useMemo(() => ({ subject, look: asWhom, classes: opened.classes ?? [] }), [subject, asWhom, opened.classes]);
  const shut = useMemo(() => shutOptions(shown, gripsOn), [shown, gripsOn]);
  const onBoard =
    view === 'hub' && selected !== null
      ? caret !== null && 'position' in caret && caret.position === selected
      : view !== 'route' && caretAnchor(scene.layout, caret) !== null;

  return (
    <SubjectContext value={about}>
      <div className="flex h-dvh flex-col">
        <BoardStrip
          state={state}
          edits={edits}
          broken={answers.broken}
          dispatch={dispatch}
          onFind={() => setFinding(true)}
          looking={looking}
          onLook={() => setLooking(!looking)}
          isNarrow={isNarrow}
        />
        {(looking || swapped || isFiltering(filter)) && (
          <FilterRow tree={inGym} filter={filter} onFilter={(next) => dispatch({ type: 'filter', filter: next })}>
            <SideSelect tree={inGym} swapped={swapped} dispatch={dispatch} />
          </FilterRow>
        )}
        {finding && (
          <div role="search" className="absolute top-11 right-80 z-20 w-96 max-w-full bg-paper max-[900px]:right-0">
            <FindLine
              tree={tree}
              catalogue={catalogue}
              dispatch={dispatch}
              onGo={(to) => router.push(to)}
              onClose={() => setFinding(false)}
            />
          </div>
        )}
        {walked && <RoundWalk {...{ subject, look: asWhom, dispatch }} round={walked} tree={shown} onEnd={() => setWalked(null)} />}
        <StoredAlert
          why={[edits.stored.why]}
          onRead={edits.stored.word === WAITS ? undefined : () => edits.session.dispatch({ type: 'read' })}
        />
        <main
          id="content"
          tabIndex={-1}
          className={
            narrow === 'walk' || narrow === 'sheet'
              ? 'flex min-h-0 flex-1 flex-col'
              : `${BOARD_GRID} ${sheet === 'outline' ? WIDE_SHEET : ''}`
          }
        >
          <h1 className="sr-only">{tree.name}: the board</h1>
          {/* Behind its sheet the walk keeps the way climbed so far. */}
          {(narrow === 'walk' || narrow === 'sheet') && (
            <div className={narrow === 'walk' ? 'contents' : 'hidden'}>
              <Walk
                {...{ tree, shut, catalogue, selected, caret, dispatch }}
                asked={state.asked}
                hidden={look.hidden}
                skipped={state.skipped}
                onFind={() => setFinding(true)}
              />
            </div>
          )}
          {narrow !== 'walk' && narrow !== 'sheet' && (
            <div className="flex min-h-0 flex-col">
              {drawing && <Working what="Drawing the tree" answer={drawing} />}
              {view === 'route' ? (
                <div className="min-h-0 flex-1 overflow-y-auto">
                  {ways.route && <RouteLadder {...{ tree: shown, gripsOn, selected, dispatch }} route={ways.route} />}
                </div>
              ) : (
                <div className="min-h-0 flex-1">
                  <BoardCanvas
                    state={seenState}
                    tree={tree}
                    faded={look.faded}
                    shut={shut}
                    catalogue={catalogue}
                    scene={scene}
                    subject={subject}
                    look={asWhom}
                    dispatch={dispatch}
                  />
                </div>
              )}
            </div>
          )}
          {narrow !== 'walk' && (
            <SideSheet
              {...{ look, catalogue, shut, ways, onBoard, dispatch }}
              answers={answers}
              state={seenState}
              subject={subject}
              isAlone={narrow === 'sheet'}
            />
          )}
        </main>
        <StaleDialog what="tree" state={edits.state} session={edits.session} onCopied={(id) => router.push(`/board/${idToAddress(id)}`)} />
      </div>
    </SubjectContext>
  );
}
