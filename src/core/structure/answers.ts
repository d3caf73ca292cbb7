import { product } from '../base';
import {
  admits,
  indexOf,
  names,
  opponentTransitions,
  ownerOptions,
  type Position,
  type PositionId,
  type Read,
  type ReadId,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type TreeIndex,
  type ValueId,
  reachablePositions,
} from '../tree';

export interface Unanswered {
  readonly position: PositionId;
  readonly read: ReadId;
  readonly value: ValueId;
  /** Opponent transitions that name the value: its price, never an answer. */
  readonly consequences: readonly TransitionId[];
}

/** Values at reachable positions that no owner transition answers, in document order (MODEL §2); none where the values are the owner's own. */
export function findUnanswered(tree: TreeDocument): Unanswered[] {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  return tree.positions.filter((position) => reachable.has(position.id)).flatMap((position) => unansweredAt(index, position));
}

export function unansweredAt(index: TreeIndex, position: Position): Unanswered[] {
  if (index.tree.isSwapped) return [];
  const options = ownerOptions(index, position.id);
  return position.reads.flatMap((read) =>
    read.values
      .filter((value) => !options.some((option) => names(option, read.id, value.id)))
      .map((value) => ({
        position: position.id,
        read: read.id,
        value: value.id,
        consequences: consequencesOf(index, position.id, read.id, value.id).map((t) => t.id),
      })),
  );
}

export const answersOf = (index: TreeIndex, position: PositionId, read: ReadId, value: ValueId): Transition[] =>
  ownerOptions(index, position).filter((t) => names(t, read, value));
export const consequencesOf = (index: TreeIndex, position: PositionId, read: ReadId, value: ValueId): Transition[] =>
  opponentTransitions(index, position).filter((t) => names(t, read, value));

export type CoverageCount = 'never' | 'once' | 'several';
export interface CoverageCell {
  /** Read id → value id, one for each closed read. */
  readonly combination: Readonly<Record<ReadId, ValueId>>;
  readonly covered: CoverageCount;
  readonly answers: readonly TransitionId[];
  /** Answered several times with the highest priority shared. */
  readonly ambiguous: boolean;
}
export interface AmbiguousValue {
  readonly read: ReadId;
  readonly value: ValueId;
  readonly answers: readonly TransitionId[];
}
export interface Coverage {
  readonly position: PositionId;
  readonly reads: readonly ReadId[];
  readonly cells: readonly CoverageCell[];
  readonly status: 'exact' | 'budget';
  readonly ambiguousValues: readonly AmbiguousValue[];
}

/** Combinations shown per position; beyond this the status is `budget`. */
const CELL_LIMIT = 4096;

function sharesTopPriority(answers: readonly Transition[]): boolean {
  const top = Math.max(...answers.map((t) => t.priority ?? 0));
  return answers.filter((t) => (t.priority ?? 0) === top).length > 1;
}

function cellOf(options: readonly Transition[], closed: readonly Read[], values: readonly ValueId[]): CoverageCell {
  const shown = new Map(closed.map((read, i) => [read.id, values[i]!]));
  const answers = options.filter((t) => {
    // Open reads are not part of the combination, so only what the transition says of the closed ones counts.
    const onClosed = Object.keys(t.when ?? {}).filter((readId) => shown.has(readId));
    return onClosed.length > 0 && admits({ ...t, when: Object.fromEntries(onClosed.map((id) => [id, t.when![id]!])) }, shown);
  });
  return {
    combination: Object.fromEntries(shown),
    covered: answers.length === 0 ? 'never' : answers.length === 1 ? 'once' : 'several',
    answers: answers.map((t) => t.id),
    ambiguous: answers.length > 1 && sharesTopPriority(answers),
  };
}

/** How the product of a position's closed reads is answered, and which single values are answered ambiguously. */
export function coverageAt(index: TreeIndex, position: Position): Coverage {
  const options = ownerOptions(index, position.id);
  const closed = position.reads.filter((read) => read.closed);
  const cells: CoverageCell[] = [];
  let status: Coverage['status'] = 'exact';
  if (closed.length > 0) {
    for (const values of product(closed.map((read) => read.values.map((value) => value.id)))) {
      if (cells.length === CELL_LIMIT) {
        status = 'budget';
        break;
      }
      cells.push(cellOf(options, closed, values));
    }
  }
  const ambiguousValues = position.reads.flatMap((read) =>
    read.values.flatMap((value) => {
      const answers = options.filter((t) => names(t, read.id, value.id));
      return answers.length > 1 && sharesTopPriority(answers)
        ? [{ read: read.id, value: value.id, answers: answers.map((t) => t.id) }]
        : [];
    }),
  );
  return { position: position.id, reads: closed.map((read) => read.id), cells, status, ambiguousValues };
}

/** Coverage of every position that has a closed read or an ambiguous value, in document order. */
export function findCoverage(tree: TreeDocument): Coverage[] {
  const index = indexOf(tree);
  return tree.positions.map((position) => coverageAt(index, position)).filter((c) => c.cells.length > 0 || c.ambiguousValues.length > 0);
}
