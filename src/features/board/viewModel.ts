import { gridWithin, guardOf, guardPositions, layoutBoard, type BoardLayout, type Grid } from '@/core/board';
import type { PositionId, TreeDocument } from '@/core/tree';
import type { BoardState, BoardView } from './boardState';

/** The board of a window of 1280, in px: what the server draws for, too. */
const USUAL_WIDTH = 980;
/** As many columns as there is room for at full size: words are never drawn smaller to hold one more. */
export const gridFor = (view: BoardView, width = USUAL_WIDTH): Grid =>
  view === 'tree' ? gridWithin(width, 85, 8) : gridWithin(width, 114, 6);
/** A small board is not blown up further than this. */
export const LARGEST = 1.25;

/** What is looked at, and in how many columns (absent = those of a usual window). */
type Looked = Pick<BoardState, 'tree' | 'view' | 'guard' | 'selected'> & { readonly columns?: number };

export interface Scene {
  readonly layout: BoardLayout;
  /** What the picture is of: when this changes the board is fitted anew. */
  readonly key: string;
}

/** What is to be laid out for the chosen view. */
export interface ScenePlan {
  readonly key: string;
  readonly grid: Grid;
  readonly only: ReadonlySet<PositionId> | null;
}

export function planScene(state: Looked, arrangedBy: TreeDocument = state.tree): ScenePlan {
  const { tree, view, guard, selected } = state;
  const usual = gridFor(view);
  const grid = { ...usual, columns: state.columns ?? usual.columns };
  // One hub and one route are drawn by themselves; of the climb only a hub's rung is needed.
  if (view === 'route') return { key: 'route', grid, only: new Set() };
  if (view === 'hub' && selected !== null) return { key: `hub ${selected}`, grid, only: new Set([selected]) };
  const first = selected ?? tree.positions[0]?.id;
  const at = view !== 'guard' ? null : (guard ?? (first === undefined ? null : guardOf(tree, first)));
  return { key: view === 'guard' ? `guard ${at}` : 'tree', grid, only: at === null ? null : guardPositions(arrangedBy, at) };
}

/** The layout for the chosen view; `previous` keeps what was there in its place. */
export function sceneOf(
  state: Looked & Pick<BoardState, 'unfolded'>,
  previous: { key: string; layout: BoardLayout } | null,
  arrangedBy: TreeDocument = state.tree,
): Scene {
  const { key, grid, only } = planScene(state, arrangedBy);
  const columns = previous?.key === key ? previous.layout.columns : undefined;
  return { key, layout: layoutBoard(state.tree, { grid, only: only ?? undefined, arrangedBy, previous: columns, unfold: state.unfolded }) };
}
