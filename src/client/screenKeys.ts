import type { ScreenKey } from '@/ui/ScreenKeys';

export type Screen =
  | 'This week'
  | 'Board'
  | 'Finder'
  | 'Odds'
  | 'Class'
  | 'Catalogue'
  | 'Files'
  | 'Grips'
  | 'Rules and people'
  | 'Compare'
  | 'Log'
  | 'Course'
  | 'Game plan';

const UNDO: readonly ScreenKey[] = [
  ['Ctrl Z', 'undoes'],
  ['Ctrl Shift Z, Ctrl Y', 'does it again'],
];

/** What the keys do on each screen; in a line that is typed on, its own keys stand under it. */
export const SCREEN_KEYS: { readonly [S in Screen]?: readonly ScreenKey[] } = {
  Board: [
    ['↑', 'along my answer, to the next rung'],
    ['↓', 'along his fall'],
    ['← →', 'through what he shows, then along the row'],
    ['Enter', 'answers what is broken; else one more thing he shows'],
    ['/', 'finds a place, a show, a move'],
    ...UNDO,
  ],
  Finder: [['Space', 'ticks what you see']],
  Grips: [
    ['/', 'finds a place or a move'],
    ['← →', 'from step to step'],
    ['Page Down, Page Up', 'the next step, the one before, while you type'],
    ...UNDO,
  ],
  Class: [['Enter', 'opens a unit of the rail'], ...UNDO],
  Catalogue: UNDO,
  'Rules and people': UNDO,
};
