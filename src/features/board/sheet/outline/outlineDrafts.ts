import type { PositionId } from '@/core/tree';
import type { Scope } from './scopes';

/** What was typed, and what stood in the tree when the first letter was. */
interface Draft {
  readonly text: string;
  readonly from: string;
}
/** By what the outline is of. */
export type Drafts = Readonly<Record<string, Draft>>;

const drafts = new Map<string, Drafts>();

/** By what a draft is kept: what is typed freely is one, however it was come to. */
export const draftKey = (scope: Scope, selected: PositionId | null): string =>
  scope === 'place' || scope === 'branch' ? `${scope} ${selected}` : scope;

/** What was typed into a tree's outline and not put in: there again when the sheet is opened the next time. `pasted`: lines that it is opened with. */
export function draftsOf(tree: string, pasted: string): Drafts {
  if (pasted !== '') keepDrafts(tree, { ...drafts.get(tree), [draftKey('new', null)]: { text: pasted, from: '' } });
  return drafts.get(tree) ?? {};
}

export const keepDrafts = (tree: string, now: Drafts): void => void drafts.set(tree, now);
