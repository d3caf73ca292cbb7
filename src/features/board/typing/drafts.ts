import type { Caret } from '../boardState';

const drafts = new Map<string, string>();

/** The line of a caret, whichever way it was come to. */
export const lineKey = (tree: string, caret: Caret): string => JSON.stringify([tree, { ...caret, after: undefined }]);

/** Half a line that was left is there again when its caret is opened the next time, until it is taken. */
export const draftOf = (key: string): string => drafts.get(key) ?? '';
export function keepDraft(key: string, typed: string): void {
  if (typed.trim() === '') drafts.delete(key);
  else drafts.set(key, typed);
}
