import { viewTree, type Filter } from '@/core/lens';
import { treeInGym, type GymBook } from '@/core/people';
import type { TreeDocument } from '@/core/tree';

/** The tree that figures were made of, to put them into words with. */
export const spokenTree = (of: TreeDocument, book: GymBook, filter: Filter): TreeDocument =>
  viewTree(treeInGym(of, book), filter, false).shown;
