/** Measures of the board in px (DESIGN, the climb). */
export interface Grid {
  readonly columns: number;
  readonly rungWidth: number;
}
export const GUTTER = 12;
export const LEFT_RAIL = 58;
export const FIRST_COLUMN = 72;
export const BACK_GAP = 18;
export const BAR = 5;
export const ACT_NOW_BAR = 2.5;
export const HUB_BAR = 10;
export const SECTION_GAP = 3;
export const MIN_SECTION = 15;
export const MIN_HUB_SECTION = 58;
export const NAME_SIZE = 13.5;
export const HUB_SIZE = 19;
export const CUE_SIZE = 13;
export const GAP_SIZE = 12.5;
export const STUB_SIZE = 12;
export const LINE_HEIGHT = 14;
/** Ticks of the lines held, left of the name. */
export const TICKS_WIDTH = 12;
/** Sub-rows of a band before it folds, and columns away before a climb becomes a stub. */
export const MAX_SUB_ROWS = 3;
export const MAX_SIDEWAYS = 2;

/** Beside the columns: the words at the left, the back's rail with one rung, and a margin. */
export const besideColumns = (rungWidth: number): number => FIRST_COLUMN + BACK_GAP + rungWidth + 16;
/** As many columns as a window of this width (px) holds at full size, at least two and at most `most`. */
export const gridWithin = (width: number, rungWidth: number, most: number): Grid => ({
  rungWidth,
  columns: Math.max(2, Math.min(most, Math.floor((width - besideColumns(rungWidth)) / (rungWidth + GUTTER)))),
});

export const pitchOf = (grid: Grid): number => grid.rungWidth + GUTTER;
export const columnX = (grid: Grid, column: number): number => FIRST_COLUMN + column * pitchOf(grid);
export const rightRailX = (grid: Grid): number => columnX(grid, grid.columns);
export const backX = (grid: Grid): number => rightRailX(grid) + BACK_GAP;
/** Width of a rung over `span` columns. */
export const spanWidth = (grid: Grid, span: number): number => span * pitchOf(grid) - GUTTER;
/** Columns that a rung takes: a hub's plank needs room for each section's words. */
export function spanOf(grid: Grid, rung: { readonly hub: boolean; readonly sections: readonly unknown[] }): number {
  if (!rung.hub) return 1;
  const needed = rung.sections.length * (MIN_HUB_SECTION + SECTION_GAP);
  return Math.min(grid.columns, Math.max(2, Math.ceil((needed + GUTTER) / pitchOf(grid))));
}
