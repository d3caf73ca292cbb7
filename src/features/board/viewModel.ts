import { guardOf, guardPositions, layoutBoard, type BoardLayout, type Grid } from '@/core/board';
import { findShortestRoutes } from '@/core/structure';
import type { PositionId, TreeDocument } from '@/core/tree';
import type { BoardState } from './boardState';

const MAP_GRID: Grid = { columns: 8, rungWidth: 85 };
const CLOSE_GRID: Grid = { columns: 6, rungWidth: 118 };
const ROUTE_LIMIT = 60;
/** Drawn smaller than this the words cannot be read: the board is then larger than the window. */
export const READABLE = 0.84;
/** A small board is not blown up further than this. */
export const LARGEST = 1.25;

/** Routes through a position, shortest first; budgeted, since a dense tree has millions. */
export const routesThrough = (tree: TreeDocument, id: PositionId | null): PositionId[][] =>
  findShortestRoutes(tree, { through: id, limit: ROUTE_LIMIT, steps: 200_000 }).routes;

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

export function planScene(
  state: Pick<BoardState, 'tree' | 'view' | 'guard' | 'selected' | 'route'>,
  routes: readonly PositionId[][],
  arrangedBy: TreeDocument = state.tree,
): ScenePlan {
  const { tree, view, guard, selected } = state;
  const grid = view === 'tree' ? MAP_GRID : CLOSE_GRID;
  // One hub is drawn by itself; of the climb only its rung is needed.
  if (view === 'hub' && selected !== null) return { key: `hub ${selected}`, grid, only: new Set([selected]) };
  const at = view === 'guard' ? (guard ?? guardOf(tree, selected ?? tree.positions[0]?.id ?? '')) : null;
  const route = view === 'route' ? routes[state.route % Math.max(1, routes.length)] : undefined;
  const key = view === 'guard' ? `guard ${at}` : view === 'route' ? `route ${route?.join()}` : 'tree';
  return { key, grid, only: at !== null ? guardPositions(arrangedBy, at) : route ? new Set(route) : null };
}

/** The layout for the chosen view; `previous` keeps what was there in its place. */
export function sceneOf(
  state: Pick<BoardState, 'tree' | 'view' | 'guard' | 'selected' | 'route' | 'unfolded'>,
  routes: readonly PositionId[][],
  previous: { key: string; layout: BoardLayout } | null,
  arrangedBy: TreeDocument = state.tree,
): Scene {
  const { key, grid, only } = planScene(state, routes, arrangedBy);
  const columns = previous?.key === key ? previous.layout.columns : undefined;
  return { key, layout: layoutBoard(state.tree, { grid, only: only ?? undefined, arrangedBy, previous: columns, unfold: state.unfolded }) };
}
