import { partOf, type InPieces } from '../../base';
import type { TransitionId, TreeDocument } from '../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { PRACTISED } from './advice';
import { Ground } from './ground';
import { slopesInPieces } from './practice';

/** What each move brings, in points of V in [0, 1] over all starts alike. */
export interface MovePayoffs {
  /** For `PRACTISED` more of its own chance, to first order on the round clock. */
  readonly practice: ReadonlyMap<TransitionId, number>;
  /** Of announced moves, were they taught: solved anew on the steady clock. */
  readonly teaching: ReadonlyMap<TransitionId, number>;
}

/** What practising or teaching every move brings, for choosing what to drill; never less than nothing. */
export function* findPayoffsInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<MovePayoffs> {
  const practice = new Map<TransitionId, number>();
  const teaching = new Map<TransitionId, number>();
  if (tree.starts.length === 0) return { practice, teaching };
  const ground = new Ground(tree, question, elsewhere);
  const solution = yield* partOf(ground.onRound(), 0, 0.4);
  const slopes = yield* partOf(slopesInPieces(ground.model, solution, ground.starts), 0.4, 0.5);
  for (const [id, slope] of slopes.practice) practice.set(id, Math.max(0, slope * PRACTISED));
  const announced = tree.transitions.filter(({ announced: isOnlyNamed, actor }) => isOnlyNamed === true && actor === 'owner');
  if (announced.length === 0) return { practice, teaching };
  const steady = yield* partOf(ground.onSteady(), 0.5, 0.7);
  for (const [i, move] of announced.entries()) {
    teaching.set(move.id, Math.max(0, yield* steady.solved(ground.tries.teaching(move))));
    yield 0.7 + (0.3 * i) / announced.length;
  }
  return { practice, teaching };
}
