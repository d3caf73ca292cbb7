import { type InPieces } from '../../base';
import { isGoal, type Ending, type PositionId, type TreeDocument } from '../../tree';
import { oddsModelOf, type OddsModel } from '../process/cells';
import { kernelOf } from '../process/kernel';
import type { Elsewhere, OddsQuestion } from '../question';
import { solveInPieces } from '../solved';
import { Sampler } from './sampler';

/** How a round can end. */
export type Ended = Ending | 'elsewhere' | 'turned' | 'timeUp';

/** A tree that rounds can be played on. */
export interface Ready {
  readonly tree: TreeDocument;
  readonly model: OddsModel;
  readonly sampler: Sampler;
  readonly roundSeconds: number;
  readonly stateOf: (id: PositionId) => number;
}

/** Null = a position has more than 64 shows, which cannot all be played. */
export function* readyInPieces(tree: TreeDocument, question: OddsQuestion, elsewhere: Elsewhere): InPieces<Ready | null> {
  const model = oddsModelOf(tree, elsewhere, undefined, question.points);
  if (model.places.some((place) => place?.unseen)) return null;
  const solution = yield* solveInPieces(model, kernelOf(model, false), question);
  const states = new Map(tree.positions.map(({ id }, i) => [id, i]));
  return { tree, model, sampler: new Sampler(model, solution), roundSeconds: question.roundSeconds, stateOf: (id) => states.get(id)! };
}

/** How a round ended that stands at a state. */
export function endedAt({ tree, model }: Ready, state: number, isOver: boolean): Ended {
  if (isOver) return 'timeUp';
  if (state === model.turned) return 'turned';
  return tree.positions[state]!.ends ?? 'elsewhere';
}

export function isFinished({ tree, model }: Ready, state: number): boolean {
  const ends = state === model.turned ? undefined : tree.positions[state]!.ends;
  return ends !== undefined && isGoal(tree, ends);
}
