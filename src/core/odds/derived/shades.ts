import { partOf, type InPieces } from '../../base';
import { isGoal, type PositionId, type Transition, type TreeDocument } from '../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { solveInPieces } from '../solved';
import { Ground } from './ground';

export const SHADED_BY = ['worth', 'load', 'origin'] as const;
/** What a board can be shaded by: chance of finishing · what hangs on a place · how many of its chances were typed. */
export type ShadedBy = (typeof SHADED_BY)[number];

export interface Shade {
  readonly position: PositionId;
  /** In [0, 1] of the most that any place has. */
  readonly part: number;
  /** Of `worth`: V; of `load`: what is lost without the moves into it (steady clock, for the order); of `origin`: `typed` of `all`. */
  readonly value: number;
  readonly typed: number;
  readonly all: number;
}

/** Places beyond which loads are told to first order. */
const SOLVED_UP_TO = 300;

function* worths(ground: Ground): InPieces<number[]> {
  const solution = yield* solveInPieces(ground.model, ground.kernel, ground.question);
  const row = ground.question.roundSeconds * ground.model.states;
  return ground.model.places.map((_, state) => solution.value[row + state]!);
}

function* loads(ground: Ground, tree: TreeDocument): InPieces<number[]> {
  const into = new Map<PositionId, Transition[]>();
  for (const move of tree.transitions)
    if (move.actor === 'owner' && move.announced !== true) into.set(move.to, [...(into.get(move.to) ?? []), move]);
  const starts = new Set(tree.starts.map(({ position }) => position));
  const steady = yield* ground.onSteady();
  const found: number[] = [];
  for (const { id, ends } of tree.positions) {
    const isNone = starts.has(id) || (ends && isGoal(tree, ends)) || !into.has(id);
    const tried = isNone ? [] : ground.tries.losing(into.get(id)!);
    const change = tree.positions.length > SOLVED_UP_TO ? steady.estimate(tried) : yield* steady.solved(tried);
    found.push(Math.max(0, -change));
    if (found.length % 10 === 0) yield found.length / tree.positions.length;
  }
  return found;
}

/** How many of a place's chances were typed: the share of every show, and how often every move out of it works. */
function origins(tree: TreeDocument): { typed: number; all: number }[] {
  const moves = new Map<PositionId, Transition[]>();
  for (const move of tree.transitions) if (move.announced !== true) moves.set(move.from, [...(moves.get(move.from) ?? []), move]);
  return tree.positions.map(({ id, reads }) => {
    const shares = reads.flatMap((read) => read.values.filter(({ kind }) => kind !== 'none').map(({ share }) => share));
    const chances = [...shares, ...(moves.get(id) ?? []).map(({ works }) => works)];
    return { typed: chances.filter((chance) => chance !== undefined).length, all: chances.length };
  });
}

/** Every place where something is to be said, with how dark it is. */
export function* findShadesInPieces(
  tree: TreeDocument,
  by: ShadedBy,
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<readonly Shade[]> {
  const from = origins(tree);
  if (by === 'origin')
    return tree.positions.flatMap(({ id }, i) => {
      const { typed, all } = from[i]!;
      return all === 0 ? [] : [{ position: id, part: typed / all, value: typed / all, typed, all }];
    });
  if (tree.starts.length === 0) return [];
  const ground = new Ground(tree, question, elsewhere);
  const values = yield* partOf(by === 'worth' ? worths(ground) : loads(ground, tree), 0.05, 1);
  const most = values.reduce((max, value, i) => (tree.positions[i]!.ends ? max : Math.max(max, value)), 0);
  return tree.positions.flatMap(({ id, ends }, i) =>
    ends || most === 0 ? [] : [{ position: id, part: values[i]! / most, value: values[i]!, ...from[i]! }],
  );
}
