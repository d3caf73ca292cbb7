import { atOnce, partOf, seededRandom, type InPieces } from '../../base';
import type { PositionId, TreeDocument } from '../../tree';
import { oddsModelOf } from '../cells';
import { DrawnCells } from './drawnCells';
import { drawsOf } from './draws';
import { kernelOf } from '../kernel';
import type { Strategy } from '../knowing';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { isKnowing, solveInPieces, strategiesIn, type Solution } from '../solved';

/** Between which figures V lies with chance 0.9, by how sure its chances are; both in [0, 1]. */
export interface Margin {
  readonly position: PositionId;
  readonly low: number;
  readonly high: number;
}

/** What fixed strategies are worth with one draw of the chances, by state and seconds left: value[left * states + state]. */
export function worthOfDraw(cells: DrawnCells, solution: Solution, strategyAt: (state: number, left: number) => Strategy): Float64Array {
  const { kernel: k, roundSeconds, readSkill } = solution;
  const freely = isKnowing(solution) ? solution.freely : 0;
  const value = new Float64Array((roundSeconds + 1) * k.states);
  const faced = (state: number, left: number): number => {
    const { mine, his, best } = strategyAt(state, left);
    const from = k.firstColumn[state]!;
    const firstMoment = k.firstMoment[from]!;
    let sum = 0;
    for (let c = from; c < k.firstColumn[state + 1]!; c++) {
      const shown = (freely === 0 ? 0 : freely * his[c - from]!) + (1 - freely) * cells.columnShare[c]!;
      if (shown === 0) continue;
      for (let m = k.firstMoment[c]!; m < k.firstMoment[c + 1]!; m++) {
        const first = k.firstCell[m]!;
        let worth = readSkill * cells.worthOf(first + best[m - firstMoment]!, left, value);
        if (readSkill < 1)
          for (let a = 0; a < mine.length; a++)
            if (mine[a]! > 0) worth += (1 - readSkill) * mine[a]! * cells.worthOf(first + a, left, value);
        sum += shown * cells.momentShare[m]! * worth;
      }
    }
    return sum;
  };
  for (let left = 0; left <= roundSeconds; left++)
    for (let state = 0; state < k.states; state++) {
      if (!Number.isNaN(k.worth[state]!)) value[left * k.states + state] = k.worth[state]!;
      else if (left > 0) value[left * k.states + state] = faced(state, left);
    }
  return value;
}

/** Each strategy is found once for all draws. */
function remembered(strategyAt: (state: number, left: number) => Strategy, states: number): typeof strategyAt {
  const known: Strategy[] = [];
  return (state, left) => (known[left * states + state] ??= strategyAt(state, left));
}

const DRAWS = 500;
const SEED = 20_26;
const quantile = (sorted: readonly number[], share: number): number => sorted[Math.round(share * (sorted.length - 1))]!;

/**
 * The margin of each start: every chance is drawn around what it is, as from 2 tries by default and 8 where it is typed; the strategy
 * of the means is held fixed; 500 seeded draws; none where a position has more than 64 shows. How much is not drawn, and where he
 * recovers to, stay what they are.
 */
export function* findMarginsInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<readonly Margin[]> {
  const model = oddsModelOf(tree, elsewhere);
  const kernel = kernelOf(model, false);
  const solution = yield* partOf(solveInPieces(model, kernel, question), 0, 0.1);
  // Which shows are left out depends on their shares, so that draws could not be compared.
  if (model.places.some((place) => place?.isBounded)) return [];
  const strategyAt = remembered(strategiesIn(solution), model.states);
  const cells = new DrawnCells(tree, model, kernel);
  const draws = drawsOf(tree);
  const random = seededRandom(SEED);
  const at = new Map(tree.positions.map(({ id }, i) => [id, i]));
  const starts = tree.starts.map(({ position }) => ({ position, state: at.get(position)!, values: [] as number[] }));
  const last = question.roundSeconds * model.states;
  for (let draw = 0; draw < DRAWS; draw++) {
    cells.draw(draws(random));
    const value = worthOfDraw(cells, solution, strategyAt);
    for (const { state, values } of starts) values.push(value[last + state]!);
    yield 0.1 + (0.9 * (draw + 1)) / DRAWS;
  }
  return starts.map(({ position, values }) => {
    const sorted = values.toSorted((a, b) => a - b);
    return { position, low: quantile(sorted, 0.05), high: quantile(sorted, 0.95) };
  });
}

/** The same at once. */
export const findMargins = (tree: TreeDocument, question: OddsQuestion): readonly Margin[] => atOnce(findMarginsInPieces(tree, question));
