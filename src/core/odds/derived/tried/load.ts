import { atOnce, partOf, type InPieces } from '../../../base';
import { isGoal, type PositionId, type Transition, type TransitionId, type TreeDocument } from '../../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../../question';
import { dearestInPieces } from './dearest';
import { Ground } from '../ground';

/** What hangs on a move, or on a place: V of all starts alike without it, in points of V in [0, 1] less. */
export type Load =
  | { readonly kind: 'move'; readonly transition: TransitionId; readonly load: number }
  /** Without the moves into it. */
  | { readonly kind: 'place'; readonly position: PositionId; readonly moves: number; readonly load: number };

/**
 * What the tree hangs on, what most hangs on first: every taught move of the owner, and every place with at least two ways in that is
 * neither a start nor an ending. Solved anew without each (a local difference understates it about twofold) for those that the steady
 * clock ranks first.
 */
export function* findLoadsInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<readonly Load[]> {
  if (tree.starts.length === 0) return [];
  const ground = new Ground(tree, question, elsewhere);
  const own = tree.transitions.filter(({ actor, announced }) => actor === 'owner' && announced !== true);
  const starts = new Set(tree.starts.map(({ position }) => position));
  const into = new Map<PositionId, Transition[]>();
  for (const move of own) into.set(move.to, [...(into.get(move.to) ?? []), move]);
  const hubs = tree.positions.filter(({ id, ends }) => !starts.has(id) && !(ends && isGoal(tree, ends)) && (into.get(id)?.length ?? 0) > 1);
  const solution = yield* partOf(ground.onRound(), 0, 0.05);
  const tries = [...own.map((move) => ground.tries.losing([move])), ...hubs.map(({ id }) => ground.tries.losing(into.get(id)!))];
  const found = yield* partOf(dearestInPieces(ground, ground.meanOf(solution), tries, -1), 0.05, 1);
  return found.map(({ which, change }): Load => {
    const load = Math.max(0, -change);
    if (which < own.length) return { kind: 'move', transition: own[which]!.id, load };
    const { id } = hubs[which - own.length]!;
    return { kind: 'place', position: id, moves: into.get(id)!.length, load };
  });
}

/** The same at once. */
export const findLoads = (tree: TreeDocument, question: OddsQuestion): readonly Load[] => atOnce(findLoadsInPieces(tree, question));
