import type { InPieces } from '../base';
import type { OddsModel } from './process/cells';
import type { Kernel } from './process/kernel';
import type { End } from './process/leftOut';
import { knowingPolicy, knowingStrategies, solveKnowingInPieces, type KnowingSolution, type Strategy } from './knowing';
import type { Policy } from './outlook';
import type { OddsQuestion } from './question';
import { policyOf, solveRoundInPieces, type RoundSolution } from './roundClock';

export type Solution = RoundSolution | KnowingSolution;
export const isKnowing = (solution: Solution): solution is KnowingSolution => 'freely' in solution;

/** 1 where he sees the choice before he picks, by state. */
export const seesItFirst = (model: OddsModel): Uint8Array =>
  Uint8Array.from({ length: model.states }, (_, at) => Number(model.places[at]?.position.heSeesItFirst === true));

/** The answer to a question; `end`: which end of what shows left out are worth. */
export function solveInPieces(model: OddsModel, kernel: Kernel, question: OddsQuestion, end: End = 'least'): InPieces<Solution> {
  if (question.ask === 'opponent') return solveRoundInPieces(kernel, question, end);
  return solveKnowingInPieces(kernel, question, seesItFirst(model), end);
}

type Strategies = (state: number, left: number) => Strategy;

/** What both do in it; `strategyAt`: its strategies, where they are looked at as well. */
export const policyIn = (solution: Solution, strategyAt?: Strategies): Policy =>
  isKnowing(solution) ? knowingPolicy(solution, strategyAt) : policyOf(solution);

/** The same as strategies: of who is not free to pick, `his` is empty, and the owner's mix is one row. */
export function strategiesIn(solution: Solution): Strategies {
  if (isKnowing(solution)) return knowingStrategies(solution);
  const { kernel: k, seen, blind, readAt } = solution;
  const moments = k.momentShare.length;
  const nobody = new Float64Array(0);
  return (state, left) => {
    const [first, end] = [k.firstMoment[k.firstColumn[state]!]!, k.firstMoment[k.firstColumn[state + 1]!]!];
    const best = Int32Array.from({ length: end - first }, (_, i) => seen[left * moments + first + i]!);
    const isBlind = readAt[state]! < 1;
    const mine = new Float64Array(isBlind ? k.rows[state]! : 0);
    if (isBlind) mine[blind[left * k.states + state]!] = 1;
    return { mine, his: nobody, best };
  };
}

/** Worth of a state with a full round left. */
export const valueAt = ({ value, roundSeconds, kernel }: Solution, state: number): number => value[roundSeconds * kernel.states + state]!;
