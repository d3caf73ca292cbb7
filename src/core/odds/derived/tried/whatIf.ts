import { partOf, type InPieces } from '../../../base';
import type { Position, PositionId, ReadId, Transition, TransitionId, TreeDocument, ValueId } from '../../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../../question';
import { valueAt } from '../../solved';
import { Ground } from '../ground';

/** A chance that could be another; in [0, 1]. */
export type Change =
  | { readonly kind: 'move'; readonly transition: TransitionId; readonly works: number }
  | { readonly kind: 'share'; readonly position: PositionId; readonly read: ReadId; readonly value: ValueId; readonly share: number };

export interface WhatIf {
  readonly starts: readonly { readonly position: PositionId; readonly before: number; readonly after: number }[];
}

const withWorks = (move: Transition, { transition, works }: Extract<Change, { kind: 'move' }>): Transition =>
  move.id === transition ? { ...move, works } : move;
const withShare = (position: Position, { read: id, value, share }: Extract<Change, { kind: 'share' }>): Position => ({
  ...position,
  reads: position.reads.map((read) =>
    read.id === id ? { ...read, values: read.values.map((item) => (item.id === value ? { ...item, share } : item)) } : read,
  ),
});

/** V of every start before and after one chance is another, on the round clock. Null = what should change is not there. */
export function* whatIfInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  change: Change,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<WhatIf | null> {
  const at = change.kind === 'share' ? change.position : tree.transitions.find(({ id }) => id === change.transition)?.from;
  if (at === undefined || !tree.positions.some(({ id }) => id === at) || tree.starts.length === 0) return null;
  const ground = new Ground(tree, question, elsewhere);
  const tried = ground.tries.changing(
    at,
    (position) => (change.kind === 'share' ? withShare(position, change) : position),
    (ways) => (change.kind === 'move' ? ways.map((way) => withWorks(way, change)) : ways),
  );
  const before = yield* partOf(ground.onRound(), 0, 0.5);
  const after = yield* partOf(ground.onRound(tried), 0.5, 1);
  return {
    starts: tree.starts.map(({ position }, i) => ({
      position,
      before: valueAt(before, ground.starts[i]!),
      after: valueAt(after, ground.starts[i]!),
    })),
  };
}
