import type { KeyHelp } from '@/ui/Caret';

const ENTER_TAKES: KeyHelp = ['Enter', 'takes it'];
const CLOSE: KeyHelp = ['Esc', 'closes; the line is kept'];
const CHOOSE: KeyHelp = ['↓', 'chooses from the list'];
const COMPLETE: KeyHelp = ['→', 'completes a name'];
const SKIP: KeyHelp = ['Tab', 'passes it over'];
const AGAIN: KeyHelp = ['+', 'one more answer to the last show'];
const PLACE: KeyHelp = ['!', 'it ends here, or I am below'];

/** The keys of each line, those of every day first: three are always in sight. */
export const KEYS = {
  guard: [ENTER_TAKES, CHOOSE, COMPLETE, CLOSE],
  value: [
    ['/', 'between several'],
    [', often', 'how often'],
    PLACE,
    ['his hips: flat, turned', 'a cue with its values'],
    ['(hook)', 'of which kind'],
    AGAIN,
    SKIP,
    CLOSE,
  ],
  answer: [
    ['*', 'whatever he does'],
    ['=', 'the same as …'],
    ['to make him …', 'hopes for'],
    ['/', 'he shows more'],
    AGAIN,
    PLACE,
    CHOOSE,
    SKIP,
    CLOSE,
  ],
  fall: [ENTER_TAKES, CHOOSE, ['=', 'the same as …'], CLOSE],
  landing: [
    ['.', 'stays here'],
    COMPLETE,
    ['! settled', 'how it ends'],
    CHOOSE,
    ['Shift Enter', 'and one more answer to the same show'],
    CLOSE,
  ],
} as const satisfies Record<string, readonly KeyHelp[]>;
