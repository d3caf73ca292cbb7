'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { readDocument } from '@/client/documents';
import { screenLinks } from '@/client/screenLinks';
import { findSession } from '@/client/store/session';
import { queryOf } from '@/contracts/filterQuery';
import type { TreeDocument } from '@/core/tree';
import { AppStrip } from '@/ui/AppStrip';
import { buttonClass } from '@/ui/Field';
import { BOARD_GRID, BoardScreen, SIDE_SHEET } from './BoardScreen';
import type { OpenedBoard } from './boardState';

type Props = Omit<OpenedBoard, 'tree'> & {
  readonly treeId: string;
  readonly name: string;
  /** Markup of the board's first picture, of this program's own making; empty = it was not drawn. */
  readonly still: string;
};
interface Read {
  readonly tree: TreeDocument;
  readonly revision: number;
}
const never = () => () => undefined;

/** The tree as this window works on it, if it does already and nothing newer is stored. */
function workedOn(treeId: string, revision: number): Read | null {
  const state = findSession('tree', treeId)?.getState();
  return state && (state.pending.length > 0 || state.revision >= revision)
    ? { tree: state.base as TreeDocument, revision: state.revision }
    : null;
}

/**
 * The board's page comes at once, with a small board's picture and without the tree, which follows by itself and is drawn in
 * the browser: a server that drew large ones for everybody would keep everybody waiting.
 */
export function BoardLoader({ treeId, name, still, revision, ...opened }: Props) {
  const isBrowser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const [read, setRead] = useState<Read | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  const known = isBrowser ? (read ?? workedOn(treeId, revision)) : null;
  const isKnown = known !== null;
  useEffect(() => {
    if (isKnown) return;
    let current = true;
    void readDocument<TreeDocument>('tree', treeId, revision).then((answer) => {
      if (!current) return;
      if (answer.ok) setRead({ tree: answer.value.document, revision: answer.value.revision });
      else setProblem(answer.problems.join(' '));
    });
    return () => {
      current = false;
    };
  }, [isKnown, treeId, revision, tries]);
  if (known) return <BoardScreen {...opened} tree={known.tree} revision={known.revision} />;
  return (
    <div className="flex h-dvh flex-col">
      <AppStrip title={name} links={screenLinks(treeId, 'Board', queryOf(opened.filter))} />
      <main className={BOARD_GRID}>
        <h1 className="sr-only">{name}: the board</h1>
        <div className="min-h-0" dangerouslySetInnerHTML={{ __html: still }} />
        <aside aria-label="Side sheet" className={SIDE_SHEET}>
          {problem === null ? (
            <p role="status" className="text-soft">
              Fetching the tree …
            </p>
          ) : (
            <>
              <p role="alert">{problem}</p>
              <button
                type="button"
                className={buttonClass}
                onClick={() => {
                  setProblem(null);
                  setTries(tries + 1);
                }}
              >
                Try again
              </button>
            </>
          )}
        </aside>
      </main>
    </div>
  );
}
