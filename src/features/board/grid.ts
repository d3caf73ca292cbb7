/** Picture and side sheet, beside or under each other. */
export const BOARD_GRID =
  'grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_300px] max-[900px]:grid-cols-1 max-[900px]:grid-rows-[60vh_auto] max-[900px]:overflow-auto';
/** The side sheet with room for lines to write. */
export const WIDE_SHEET = 'min-[901px]:grid-cols-[minmax(0,1fr)_minmax(420px,40vw)]';
export const SIDE_SHEET =
  'contain-layout [overflow-wrap:anywhere] overflow-y-auto border-l-2 border-ink p-4 max-[900px]:border-t-2 max-[900px]:border-l-0';
