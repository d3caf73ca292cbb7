import { diffOf as diffOfDocument, type Diff } from '../document';
import type { TreeDocument, TreeHeader } from './document';

/** The lists of a tree whose entries are stored and changed on their own. */
export const TREE_ROWS = ['positions', 'transitions'] as const;

/** The tree's own fields, without its rows and what was looked up in the gym. */
export function headerOf(tree: TreeDocument): TreeHeader {
  const { positions: _positions, transitions: _transitions, ruleSets: _ruleSets, profiles: _profiles, classes: _classes, ...header } = tree;
  return header;
}

/** The diff between two versions of a tree. */
export const diffOf = (before: TreeDocument, after: TreeDocument, label: string): Diff => diffOfDocument(before, after, label, TREE_ROWS);
