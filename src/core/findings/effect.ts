import { atOnce, type InPieces } from '../base';
import { countRoutes, findUsage, ROUTES_COUNTED, type RouteCount } from '../structure';
import { landsAt, withoutPosition, withoutTransition, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { findFindingsInPieces } from './findFindings';
import type { Finding } from './finding';

export type Removed = { readonly position: PositionId } | { readonly transition: TransitionId };

export interface RemovalEffect {
  /** Starts on whose ways to a goal it lies. */
  readonly starts: number;
  /** Ways from a start to a goal, now and without it. */
  readonly before: RouteCount;
  readonly after: RouteCount;
  /** Findings that there would be and are not now. */
  readonly fresh: readonly Finding[];
}
/** The moves that go with it. */
export const movesOf = (tree: TreeDocument, removed: Removed): ReadonlySet<TransitionId> =>
  'transition' in removed
    ? new Set([removed.transition])
    : new Set(tree.transitions.filter((move) => move.from === removed.position || landsAt(move, removed.position)).map(({ id }) => id));

/** What would be lost with a place or a move: told before it is removed. */
export const effectOfRemoval = (tree: TreeDocument, removed: Removed): RemovalEffect => atOnce(effectOfRemovalInPieces(tree, removed));

/** The same, in pieces. */
export function* effectOfRemovalInPieces(tree: TreeDocument, removed: Removed): InPieces<RemovalEffect> {
  const usage = findUsage(tree);
  const users = 'position' in removed ? usage.positions.get(removed.position) : usage.transitions.get(removed.transition);
  yield;
  const next = 'position' in removed ? withoutPosition(tree, removed.position) : withoutTransition(tree, removed.transition);
  const known = new Set((yield* findFindingsInPieces(tree)).list.map(({ key }) => key));
  const { list } = yield* findFindingsInPieces(next);
  return {
    starts: users?.length ?? 0,
    before: countRoutes(tree, ROUTES_COUNTED),
    after: countRoutes(next, ROUTES_COUNTED),
    fresh: list.filter(({ key }) => !known.has(key)),
  };
}
