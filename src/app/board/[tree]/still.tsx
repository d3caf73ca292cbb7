import { perObject } from '@/core/base';
import { isFiltering } from '@/core/lens';
import type { TreeDocument } from '@/core/tree';
import type { OpenedBoard } from '@/features/board/boardState';
import { StillBoard } from '@/features/board/StillBoard';
import { sceneOf } from '@/features/board/viewModel';
import { markupOf } from '@/server/markup';

/** Positions of a board whose picture comes with its page: drawing a larger one would keep others waiting. */
const MOST_POSITIONS = 120;
const drawn = perObject((_tree: TreeDocument) => new Map<string, string>());

/** Markup of what the board will show first, written once for each revision; empty = that is not drawn on the server. */
export function stillOf({ tree, view, guard, selected, filter }: OpenedBoard): string {
  if (tree.positions.length > MOST_POSITIONS || (view !== 'tree' && view !== 'guard') || isFiltering(filter)) return '';
  const seed = guard === null ? selected : null;
  const key = `${view} ${guard} ${seed}`;
  const known = drawn(tree).get(key);
  if (known !== undefined) return known;
  const { layout } = sceneOf({ tree, view, guard, selected: seed, unfolded: false }, null);
  const markup = markupOf(<StillBoard layout={layout} />);
  drawn(tree).set(key, markup);
  return markup;
}
