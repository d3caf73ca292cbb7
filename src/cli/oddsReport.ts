import { atOnce, InvariantError } from '@/core/base';
import {
  findAdviceInPieces,
  findClosenessInPieces,
  findDefencesInPieces,
  findLoadsInPieces,
  findMarginsInPieces,
  findObserved,
  findOdds,
  findStrengthsInPieces,
  findSteadyOdds,
  KNOWING_QUESTION,
  type Elsewhere,
  type Observation,
  type OddsQuestion,
} from '@/core/odds';
import { findUnanswered } from '@/core/structure';
import type { TreeDocument } from '@/core/tree';

/** What is asked of the odds: a question on one of the clocks, or what was seen. */
export interface AskedOdds {
  readonly question: OddsQuestion;
  readonly clock: 'round' | 'steady';
  /** Null = chances as they are drawn. */
  readonly observations: readonly Observation[] | null;
  /** What places are worth that go on in another tree. */
  readonly elsewhere: Elsewhere;
}
/** Lists that were asked for of a tree longer than this have no margins: each of 500 draws takes long. */
const MOST_DRAWN = 500;

/** Pre: what was seen names places of the tree, each of which is left. */
export function oddsOf(tree: TreeDocument, { question, clock, observations, elsewhere }: AskedOdds) {
  if (observations) {
    const found = findObserved(tree, observations);
    if (!found.ok) throw new InvariantError(found.error.code);
    return { question: { ask: 'observed' as const }, starts: found.value };
  }
  return clock === 'steady' ? findSteadyOdds(tree, question, elsewhere) : findOdds(tree, question, elsewhere);
}

/** Gaps, branches to teach, moves to practise and places to read, with the margin of each of the first ten. */
export function workOf(tree: TreeDocument, { question, elsewhere }: AskedOdds) {
  const { items, ranked } = atOnce(findAdviceInPieces(tree, findUnanswered(tree), question, elsewhere));
  const listed = items.filter(({ worth }) => worth > 0).slice(0, 10);
  const sure = tree.positions.length <= MOST_DRAWN ? atOnce(findClosenessInPieces(tree, listed, question, elsewhere)) : null;
  return {
    items: items.map((item, i) => (sure?.spreads[i] ? { ...item, ...sure.spreads[i] } : item)),
    tooCloseToCall: sure?.alike ?? null,
    onlyRanked: ranked,
  };
}

export const loadsOf = (tree: TreeDocument, { question, elsewhere }: AskedOdds) => atOnce(findLoadsInPieces(tree, question, elsewhere));
export const defencesOf = (tree: TreeDocument, { question, elsewhere }: AskedOdds) =>
  atOnce(findDefencesInPieces(tree, question, elsewhere));

/** Of every pair of options at a place, against one who knows the game. */
export const strengthsOf = (tree: TreeDocument, { question, elsewhere }: AskedOdds) =>
  atOnce(
    findStrengthsInPieces(
      tree,
      question.ask === 'knowing' ? question : { ...KNOWING_QUESTION, roundSeconds: question.roundSeconds },
      elsewhere,
    ),
  );

export const marginsOf = (tree: TreeDocument, { question, elsewhere }: AskedOdds) =>
  tree.positions.length <= MOST_DRAWN ? atOnce(findMarginsInPieces(tree, question, elsewhere)) : null;
