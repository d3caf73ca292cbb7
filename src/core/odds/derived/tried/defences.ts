import { atOnce, partOf, type InPieces } from '../../../base';
import type { PositionId, ReadId, TreeDocument, ValueId } from '../../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../../question';
import { dearestInPieces } from './dearest';
import { Ground } from '../ground';

/** A show of his that holds the passer up, and how much: V of all starts alike, in points of V in [0, 1], is more if it never came. */
export interface Defence {
  readonly position: PositionId;
  readonly read: ReadId;
  readonly value: ValueId;
  readonly worth: number;
}

/**
 * What the partner below does best to train first: the shows without which V would rise most, solved anew without each. The others at
 * the place are then shown that much more often; against one who knows the game he mixes what is left anew.
 */
export function* findDefencesInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<readonly Defence[]> {
  if (tree.starts.length === 0) return [];
  const ground = new Ground(tree, question, elsewhere);
  const shows = tree.positions.flatMap(({ id, reads, ends }) =>
    ends ? [] : reads.flatMap((read) => read.values.map((value) => ({ position: id, read: read.id, value: value.id }))),
  );
  const solution = yield* partOf(ground.onRound(), 0, 0.05);
  const tries = shows.map(({ position, read, value }) => ground.tries.closing(position, [{ read, value }]));
  const found = yield* partOf(dearestInPieces(ground, ground.meanOf(solution), tries), 0.05, 1);
  return found.filter(({ change }) => change > 0).map(({ which, change }) => ({ ...shows[which]!, worth: change }));
}

/** The same at once. */
export const findDefences = (tree: TreeDocument, question: OddsQuestion): readonly Defence[] =>
  atOnce(findDefencesInPieces(tree, question));
