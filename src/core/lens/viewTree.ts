import { otherSide } from './otherSide';
import { type PositionId, type TransitionId, type TreeDocument, reachablePositions } from '../tree';
import { filterTree, isFiltering, type Filter, type HiddenBy } from './filter';

/** The tree as the coach looks at it. Edits are made on `seen`; what is drawn and computed is `shown`. */
export interface TreeView {
  /** The whole tree, from the chosen athlete's side. */
  readonly seen: TreeDocument;
  /** The same under the filter. */
  readonly shown: TreeDocument;
  readonly hidden: ReadonlyMap<TransitionId, HiddenBy>;
  /** Positions that are reached without the filter and not under it: they keep their place, without a name. */
  readonly faded: ReadonlySet<PositionId>;
}

export function viewTree(tree: TreeDocument, filter: Filter, swapped: boolean): TreeView {
  const side = (doc: TreeDocument): TreeDocument => (swapped ? otherSide(doc) : doc);
  const seen = side(tree);
  if (!isFiltering(filter)) return { seen, shown: seen, hidden: new Map(), faded: new Set() };
  const { tree: reduced, hidden } = filterTree(tree, filter);
  const [before, after] = [reachablePositions(tree), reachablePositions(reduced)];
  const faded = new Set([...before].filter((id) => !after.has(id)));
  return { seen, shown: side(reduced), hidden, faded };
}
