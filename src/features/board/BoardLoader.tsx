'use client';
import { screenLinks } from '@/client/screenLinks';
import { useTree } from '@/client/useTree';
import { queryOf } from '@/contracts/filterQuery';
import { AppStrip } from '@/ui/AppStrip';
import { buttonClass } from '@/ui/Field';
import { BoardScreen } from './BoardScreen';
import type { OpenedBoard } from './boardState';
import { BOARD_GRID, SIDE_SHEET } from './grid';

type Props = Omit<OpenedBoard, 'tree'> & {
  readonly treeId: string;
  readonly name: string;
  /** Markup of the board's first picture, of this program's own making; empty = it was not drawn. */
  readonly still: string;
};

/**
 * The board's page comes at once, with a small board's picture and without the tree, which follows by itself and is drawn in
 * the browser: a server that drew large ones for everybody would keep everybody waiting.
 */
export function BoardLoader({ treeId, name, still, revision, ...opened }: Props) {
  const { known, problem, again } = useTree(treeId, revision);
  if (known) return <BoardScreen {...opened} tree={known.tree} revision={known.revision} />;
  return (
    <div className="flex h-dvh flex-col">
      <AppStrip title={name} links={screenLinks(treeId, 'Board', queryOf(opened.filter))} />
      <main id="content" tabIndex={-1} className={BOARD_GRID}>
        <h1 className="sr-only">{name}: the board</h1>
        {/* Drawn for a window of 1280: another has other columns. */}
        <div className="min-h-0 max-[1275px]:invisible" dangerouslySetInnerHTML={{ __html: still }} />
        <aside aria-label="Side sheet" className={SIDE_SHEET}>
          {problem === null ? (
            <p role="status" className="text-soft">
              Fetching the tree …
            </p>
          ) : (
            <>
              <p role="alert">{problem}</p>
              <button type="button" className={buttonClass} onClick={again}>
                Try again
              </button>
            </>
          )}
        </aside>
      </main>
    </div>
  );
}
