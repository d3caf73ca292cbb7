import { atOnce } from '../../base';
import type { PositionId, TreeDocument } from '../../tree';
import { oddsModelOf } from '../process/cells';
import { kernelOf } from '../process/kernel';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { seesItFirst } from '../solved';
import { solveSteadyInPieces } from './steady';

interface Worth {
  readonly position: PositionId;
  readonly value: number;
}
export interface SteadyOdds {
  readonly clock: 'steady';
  readonly question: OddsQuestion;
  /** Bounded: from below in control, where a place has more than 64 shows; what was left out is worth nothing on this clock. */
  readonly status: 'exact' | 'budget' | 'bounded';
  /** Largest difference that one step more would make, and how far from the truth any value is at most. */
  readonly residual: number;
  readonly bound: number;
  readonly starts: readonly Worth[];
  readonly positions: readonly Worth[];
}

/** Worths on the steady clock, which ranks; what is told of a round is told on the round clock. */
export function findSteadyOdds(tree: TreeDocument, question: OddsQuestion, elsewhere: Elsewhere = NOWHERE_KNOWN): SteadyOdds {
  const model = oddsModelOf(tree, elsewhere, undefined, question.points);
  const kernel = kernelOf(model, false);
  const solution = atOnce(solveSteadyInPieces(kernel, question, seesItFirst(model)));
  const { value, residual, bound } = solution;
  const isShort = kernel.unseen.some((rows) => rows !== null);
  const status = isShort && solution.status === 'exact' ? 'bounded' : solution.status;
  const positions = tree.positions.map(({ id }, at): Worth => ({ position: id, value: value[at]! }));
  const byId = new Map(positions.map((item) => [item.position, item]));
  return { clock: 'steady', question, status, residual, bound, starts: tree.starts.map(({ position }) => byId.get(position)!), positions };
}
