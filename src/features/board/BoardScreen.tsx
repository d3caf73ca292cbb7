'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { idToAddress } from '@/contracts/address';
import { treeInGym } from '@/core/people';
import { isFiltering, viewTree } from '@/core/lens';
import { indexOf } from '@/core/tree';
import { Working } from '@/client/Working';
import { StaleDialog } from '@/client/store/StaleDialog';
import { useUndoKeys } from '@/client/useUndoKeys';
import { later, whenIdle } from '@/client/later';
import { StoredAlert, WAITS } from '@/ui/StoredStrip';
import { useWindowWidth } from '@/ui/useWindowWidth';
import { BoardCanvas } from './canvas/BoardCanvas';
import type { OpenedBoard } from './boardState';
import { BoardStrip } from './bars/BoardStrip';
import { CaretLine, FindLine } from './caret/later';
import { shutOptions } from './shut';
import { useCatalogue } from '@/client/useCatalogue';
import { useBoard } from './useBoard';
import { useBoardAnswers } from './useBoardAnswers';
import { SubjectContext } from './subject';
import { useScene } from './useScene';
import { caretAnchor } from './camera/rooms';
import { useRoutes } from './route/useRoutes';

// What the first picture does without.
const RungSheet = later(async () => (await import('./sheet/RungSheet')).RungSheet);
const FindingsSheet = later(async () => (await import('./sheet/findings/FindingsSheet')).FindingsSheet);
const RouteLadder = later(async () => (await import('./route/RouteLadder')).RouteLadder);
const RouteSheet = later(async () => (await import('./route/RouteSheet')).RouteSheet);
const OutlineSheet = later(async () => (await import('./sheet/outline/OutlineSheet')).OutlineSheet);
const FilterDifference = later(async () => (await import('@/client/FilterDifference')).FilterDifference);
const FilterRow = later(async () => (await import('@/client/FilterRow')).FilterRow);
const Walk = later(async () => (await import('./walk/Walk')).Walk);
const SideSelect = later(async () => (await import('./bars/SideSelect')).SideSelect);
/** Asked for as soon as the board is still, the line to type on first. */
const PARTS = [CaretLine, FindingsSheet, RungSheet, FindLine, FilterRow, SideSelect, RouteLadder, RouteSheet, FilterDifference];

/** Picture and side sheet, beside or under each other. */
export const BOARD_GRID =
  'grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_300px] max-[900px]:grid-cols-1 max-[900px]:grid-rows-[60vh_auto] max-[900px]:overflow-auto';
/** The side sheet with room for lines to write. */
const WIDE_SHEET = 'min-[901px]:grid-cols-[minmax(0,1fr)_minmax(420px,40vw)]';
export const SIDE_SHEET =
  'contain-layout [overflow-wrap:anywhere] overflow-y-auto border-l-2 border-ink p-4 max-[900px]:border-t-2 max-[900px]:border-l-0';

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
  const { odds, said, findings, spoken, broken } = useBoardAnswers({ subject, look: asWhom, view: look, shownPosition });
  const about = useMemo(() => ({ subject, look: asWhom, classes: opened.classes ?? [] }), [subject, asWhom, opened.classes]);
  const shut = useMemo(() => shutOptions(shown, gripsOn), [shown, gripsOn]);
  const position = selected === null ? undefined : indexOf(tree).positions.get(selected);
  const onBoard =
    view === 'hub'
      ? caret !== null && 'position' in caret && caret.position === selected
      : view !== 'route' && caretAnchor(scene.layout, caret) !== null;

  return (
    <SubjectContext value={about}>
      <div className="flex h-dvh flex-col">
        <BoardStrip
          state={state}
          edits={edits}
          broken={broken}
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
                    dispatch={dispatch}
                  />
                </div>
              )}
            </div>
          )}
          {narrow !== 'walk' && (
            <aside aria-label="Side sheet" className={`${SIDE_SHEET} ${narrow === 'sheet' ? 'min-h-0 flex-1' : ''}`}>
              {narrow === 'sheet' && (
                <button type="button" className="min-h-11 underline" onClick={() => dispatch({ type: 'walk' })}>
                  Back to the climb
                </button>
              )}
              {view === 'route' && sheet !== 'route' && (
                <button type="button" className="min-h-9 underline" onClick={() => dispatch({ type: 'sheet', sheet: 'route' })}>
                  About the route
                </button>
              )}
              {!onBoard && caret?.kind === 'guard' && <CaretLine {...{ tree, caret, catalogue, dispatch }} skipped={state.skipped} />}
              {sheet === 'outline' ? (
                <OutlineSheet tree={state.tree} subject={subject} selected={selected} pasted={state.pasted} dispatch={dispatch} />
              ) : position && sheet === 'rung' ? (
                <RungSheet
                  tree={tree}
                  hidden={look.hidden}
                  shut={shut}
                  gripsOn={gripsOn}
                  shown={shown}
                  catalogue={catalogue}
                  position={position}
                  said={said}
                  odds={odds.value}
                  pending={odds.pending}
                  caret={onBoard ? null : caret}
                  skipped={state.skipped}
                  asked={state.asked}
                  dispatch={dispatch}
                />
              ) : sheet === 'route' && view === 'route' ? (
                <RouteSheet {...{ tree: shown, ways, gripsOn, dispatch }} ends={state.ends} />
              ) : (
                <>
                  <FilterDifference tree={inGym} filter={filter} onPosition={(id) => dispatch({ type: 'select', position: id })} />
                  <FindingsSheet tree={tree} of={spoken} answer={findings} dispatch={dispatch} />
                </>
              )}
              <p className="mt-6 border-t border-hair pt-2 text-[13px] text-soft">
                <button type="button" className="min-h-8 underline" onClick={() => dispatch({ type: 'caret', caret: { kind: 'guard' } })}>
                  Draw another guard {tree.owner === 'passer' ? 'he shows' : 'I hold'}
                </button>
                {sheet !== 'outline' && !swapped && (
                  <button type="button" className="ml-4 min-h-8 underline" onClick={() => dispatch({ type: 'sheet', sheet: 'outline' })}>
                    As an outline
                  </button>
                )}
              </p>
            </aside>
          )}
        </main>
        <StaleDialog what="tree" state={edits.state} session={edits.session} onCopied={(id) => router.push(`/board/${idToAddress(id)}`)} />
      </div>
    </SubjectContext>
  );
}
