import {
  indexOf,
  ownerOptions,
  type PositionId,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type ValueId,
  reachablePositions,
} from '../tree';

/** Two of the owner's options at one position where the defence to one is what the other answers. */
export interface Pair {
  readonly position: PositionId;
  readonly a: TransitionId;
  readonly b: TransitionId;
  /** What defeats `a` and is answered by `b`. */
  readonly aToB: readonly ValueId[];
  /** What defeats `b` and is answered by `a`. */
  readonly bToA: readonly ValueId[];
}
export interface Dilemmas {
  /** Both ways: stopping either opens the other. */
  readonly dilemmas: readonly Pair[];
  /** One way only: `b` answers what stops `a`. */
  readonly oneWay: readonly Pair[];
}

const answered = (transition: Transition): ReadonlySet<ValueId> => new Set(Object.values(transition.when ?? {}).flat());

/** Structural dilemmas and one-way pairs at reachable positions, in document order (MODEL §2). O(options² × values). */
export function findDilemmas(tree: TreeDocument): Dilemmas {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  const dilemmas: Pair[] = [];
  const oneWay: Pair[] = [];
  for (const position of tree.positions) {
    if (!reachable.has(position.id)) continue;
    const options = ownerOptions(index, position.id).filter((transition) => (transition.stoppedBy ?? []).length > 0 || transition.when);
    const answers = options.map(answered);
    options.forEach((a, i) => {
      for (let j = i + 1; j < options.length; j++) {
        const b = options[j]!;
        const aToB = (a.stoppedBy ?? []).filter((value) => answers[j]!.has(value));
        const bToA = (b.stoppedBy ?? []).filter((value) => answers[i]!.has(value));
        if (aToB.length > 0 && bToA.length > 0) dilemmas.push({ position: position.id, a: a.id, b: b.id, aToB, bToA });
        else if (aToB.length > 0) oneWay.push({ position: position.id, a: a.id, b: b.id, aToB, bToA });
        else if (bToA.length > 0) oneWay.push({ position: position.id, a: b.id, b: a.id, aToB: bToA, bToA: [] });
      }
    });
  }
  return { dilemmas, oneWay };
}
