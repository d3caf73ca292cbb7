import type { Position, Step, Transition, TransitionId, TreeDocument } from '../tree';

/** Marks a move that is the same on both sides or belongs to one: it is not mirrored. */
export const ONE_SIDE_TAG = 'one side only';

/** Words that say left or right and mean neither; both forms, so that mirroring twice changes nothing. */
const NEITHER = /\b(?:(?:left|right) (?:away|angles?|now|over)|all (?:left|right))\b/gi;
const SIDE = /\b(left|right|Left|Right|LEFT|RIGHT)(?![a-z])/g;

function otherSide(word: string): string {
  const other = word.toLowerCase() === 'left' ? 'right' : 'left';
  if (word === word.toUpperCase()) return other.toUpperCase();
  return /^[A-Z]/.test(word) ? `${other.charAt(0).toUpperCase()}${other.slice(1)}` : other;
}

/** The words for the other side: "left hand" as "right hand", "leftHand" as "rightHand". An involution. */
export function mirrorText(text: string): string {
  const kept = [...text.matchAll(NEITHER)].map((match) => [match.index, match.index + match[0].length] as const);
  return text.replace(SIDE, (word, _side: string, at: number) => (kept.some(([from, to]) => at >= from && at < to) ? word : otherSide(word))); // prettier-ignore
}

/** Fields that hold ids and marks, not words. */
const IDS = new Set([
  'id', 'from', 'to', 'onFail', 'when', 'stoppedBy', 'provokes', 'leadsTo', 'letsIn', 'whenValues', 'continuesIn', 'fromCatalogue',
  'tags', 'schools', 'bySchool', 'signs', 'needs', 'makes', 'undoes',
]); // prettier-ignore

/** Every word of a record for the other side; sides and parts of contacts are words too. */
function mirrorWords<T>(value: T): T {
  if (typeof value === 'string') return mirrorText(value) as T;
  if (Array.isArray(value)) return value.map(mirrorWords) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, IDS.has(key) ? item : mirrorWords(item)])) as T;
}

export const mirrorSteps = (steps: readonly Step[]): Step[] => steps.map(mirrorWords);
export const mirrorPosition = (position: Position): Position => mirrorWords(position);
export const mirrorTransition = (move: Transition): Transition => mirrorWords(move);

/** The tree for the other side, and the moves that are bound to theirs. Twice = the original. */
export function mirrorTree(tree: TreeDocument): { readonly tree: TreeDocument; readonly skipped: readonly TransitionId[] } {
  const isBound = (move: Transition): boolean => move.tags?.includes(ONE_SIDE_TAG) ?? false;
  return {
    tree: {
      ...tree,
      positions: tree.positions.map(mirrorPosition),
      transitions: tree.transitions.map((move) => (isBound(move) ? move : mirrorTransition(move))),
    },
    skipped: tree.transitions.filter(isBound).map((move) => move.id),
  };
}
