import { perObject, type InPieces } from '@/core/base';
import { layoutBoardInPieces, type BoardLayout, type Grid } from '@/core/board';
import { effectOfRemovalInPieces, type RemovalEffect, type Removed } from '@/core/findings';
import {
  explainInPieces,
  whatIfInPieces,
  type Change,
  type Choice,
  type Explained,
  type WhatIf,
  findAdviceInPieces,
  findClosenessInPieces,
  findDefencesInPieces,
  findLoadsInPieces,
  findMarginsInPieces,
  findOddsInPieces,
  findPricesInPieces,
  findShadesInPieces,
  findStrengthsInPieces,
  simulateInPieces,
  tellRoundInPieces,
  type Advice,
  type Closeness,
  type Defence,
  type Elsewhere,
  type Gap,
  type HeKnowsYourGame,
  type Load,
  type Margins,
  type Odds,
  type OddsQuestion,
  type Others,
  ODDS_QUESTION,
  type Priced,
  type Rounds,
  type Shade,
  type ShadedBy,
  type ToldRound,
  type WorkList,
} from '@/core/odds';
import { viewTree, type Filter, type TreeView } from '@/core/lens';
import { findDilemmas, findFilterDifferenceInPieces, findUnanswered, type FilterDifference, type RouteEnds } from '@/core/structure';
import { dilemmaLines, type DilemmaLines } from '@/core/words';
import type { Contact, PositionId, TreeDocument } from '@/core/tree';
import type { GymsWords } from '@/core/catalogue';
import type { OutlineMode } from '@/core/outline';
import { NO_OTHERS, worthElsewhere } from './elsewhere';
import { outlineAnswer, type OutlineAnswer } from './outline';
import { positionInPieces, type PositionAnswer } from './position';
import { routesInPieces, type RoutesAnswer } from './routes';
import { sheetInPieces, type TreeSheet } from './sheet';

/** How a tree is looked at: for whom, under which rules, from which side. */
export interface Look {
  readonly filter: Filter;
  readonly swapped: boolean;
}
/** What can be asked of a tree: plain data, so that it crosses to the worker. */
export type Question = { readonly look: Look } & (
  | { readonly kind: 'sheet' }
  | { readonly kind: 'position'; readonly position: PositionId }
  | { readonly kind: 'effect'; readonly removed: Removed }
  | { readonly kind: 'routes'; readonly ends: RouteEnds; readonly on: readonly Contact[] }
  | { readonly kind: 'difference' }
  | { readonly kind: 'odds'; readonly question: OddsQuestion }
  | { readonly kind: 'advice'; readonly question: OddsQuestion }
  | { readonly kind: 'closeness'; readonly question: OddsQuestion; readonly items: readonly Advice[] }
  | { readonly kind: 'prices'; readonly question: OddsQuestion; readonly gaps: readonly Gap[] }
  | { readonly kind: 'margins'; readonly question: OddsQuestion }
  | { readonly kind: 'dilemmas'; readonly question: HeKnowsYourGame }
  | { readonly kind: 'loads'; readonly question: OddsQuestion }
  | { readonly kind: 'defences'; readonly question: OddsQuestion }
  | { readonly kind: 'rounds'; readonly question: OddsQuestion; readonly start: PositionId; readonly count: number; readonly seed: number }
  | { readonly kind: 'round'; readonly question: OddsQuestion; readonly start: PositionId; readonly seed: number }
  | {
      readonly kind: 'explained';
      readonly question: OddsQuestion;
      readonly position: PositionId;
      readonly transition: string | null;
      readonly shown: Choice['shown'];
    }
  | { readonly kind: 'whatIf'; readonly question: OddsQuestion; readonly change: Change }
  | { readonly kind: 'shades'; readonly by: ShadedBy; readonly question: OddsQuestion }
  | { readonly kind: 'outline'; readonly text: string; readonly mode: OutlineMode; readonly own: GymsWords | null }
  | {
      readonly kind: 'layout';
      readonly grid: Grid;
      /** Positions shown; null = all. */
      readonly only: readonly PositionId[] | null;
      readonly unfold: boolean;
      /** Columns of an earlier layout. */
      readonly previous: ReadonlyMap<PositionId, number> | null;
    }
);
export interface AnswerTo {
  readonly sheet: TreeSheet;
  /** Null = there is no such place. */
  readonly position: PositionAnswer | null;
  readonly effect: RemovalEffect;
  readonly routes: RoutesAnswer;
  /** What the look's filter takes away from the coach's own side of the tree. */
  readonly difference: FilterDifference;
  readonly odds: Odds;
  readonly advice: WorkList;
  /** Null = it cannot be found. */
  readonly closeness: Closeness | null;
  readonly margins: Margins;
  /** What costs most first. */
  readonly prices: readonly Priced[];
  readonly dilemmas: DilemmaLines;
  /** Null = they cannot be played. */
  readonly rounds: Rounds | null;
  readonly round: ToldRound | null;
  readonly shades: readonly Shade[];
  /** Null = it is not there. */
  readonly explained: Explained | null;
  readonly whatIf: WhatIf | null;
  /** What most hangs on first. */
  readonly loads: readonly Load[];
  /** What holds the passer up most first. */
  readonly defences: readonly Defence[];
  readonly outline: OutlineAnswer;
  readonly layout: BoardLayout;
}
export type QuestionKind = Question['kind'];
export type Asked<K extends QuestionKind> = Extract<Question, { readonly kind: K }>;

let last: { readonly tree: TreeDocument; readonly key: string; readonly looked: TreeView } | null = null;
/** The tree as it is looked at, made once for questions that follow one another. */
function viewed(tree: TreeDocument, look: Look): TreeView {
  const key = JSON.stringify(look);
  if (last?.tree !== tree || last.key !== key) last = { tree, key, looked: viewTree(tree, look.filter, look.swapped) };
  return last.looked;
}

/** What is asked of the odds. */
type OfOdds = Extract<Question, { readonly question: OddsQuestion }>;
const isOfOdds = (question: Question): question is OfOdds => 'question' in question;

/** `elsewhere`: what places are worth that go on in another tree. */
function* answeringOdds(shown: TreeDocument, question: OfOdds, elsewhere: Elsewhere): InPieces<AnswerTo[OfOdds['kind']]> {
  if (question.kind === 'prices') return yield* findPricesInPieces(shown, question.gaps, question.question, elsewhere);
  if (question.kind === 'margins') return yield* findMarginsInPieces(shown, question.question, elsewhere);
  if (question.kind === 'closeness') return yield* findClosenessInPieces(shown, question.items, question.question, elsewhere);
  if (question.kind === 'dilemmas') {
    const strengths = yield* findStrengthsInPieces(shown, question.question, elsewhere);
    return dilemmaLines(shown, findDilemmas(shown).dilemmas, strengths);
  }
  if (question.kind === 'rounds')
    return yield* simulateInPieces(shown, question.question, question.start, question.count, question.seed, elsewhere);
  if (question.kind === 'round') return yield* tellRoundInPieces(shown, question.question, question.start, question.seed, elsewhere);
  if (question.kind === 'explained')
    return yield* explainInPieces(shown, question.question, question.position, question.transition, question.shown, elsewhere);
  if (question.kind === 'whatIf') return yield* whatIfInPieces(shown, question.question, question.change, elsewhere);
  if (question.kind === 'shades') return yield* findShadesInPieces(shown, question.by, question.question, elsewhere);
  if (question.kind === 'defences') return yield* findDefencesInPieces(shown, question.question, elsewhere);
  if (question.kind === 'loads') return yield* findLoadsInPieces(shown, question.question, elsewhere);
  if (question.kind === 'advice') return yield* findAdviceInPieces(shown, findUnanswered(shown), question.question, elsewhere);
  return yield* findOddsInPieces(shown, question.question, elsewhere);
}

/** The answer to a question, in pieces. */
export function* answering(tree: TreeDocument, question: Question, others: Others = NO_OTHERS): InPieces<AnswerTo[QuestionKind]> {
  // An outline is put on to the tree itself, however it is looked at.
  if (question.kind === 'outline') return outlineAnswer(tree, question.text, question.mode, question.own);
  if (question.kind === 'difference') return yield* findFilterDifferenceInPieces(tree, question.look.filter);
  const looked = viewed(tree, question.look);
  const { shown } = looked;
  yield 0;
  if (question.kind === 'sheet')
    return yield* sheetInPieces(looked, yield* worthElsewhere(shown, ODDS_QUESTION, question.look.filter, others));
  if (question.kind === 'routes') return yield* routesInPieces(shown, question.ends, question.on);
  if (question.kind === 'effect') return yield* effectOfRemovalInPieces(shown, question.removed);
  if (question.kind === 'position') return yield* positionInPieces(looked, question.position);
  if (isOfOdds(question))
    return yield* answeringOdds(shown, question, yield* worthElsewhere(shown, question.question, question.look.filter, others));
  const known = drawn(tree);
  const key = JSON.stringify(question);
  const layout = known.get(key) ?? (yield* drawing(looked, question));
  known.set(key, layout);
  return layout;
}

/** The pictures made of a tree: the same one is not laid out twice. */
const drawn = perObject((_tree: TreeDocument) => new Map<string, BoardLayout>());

function* drawing({ seen, shown }: TreeView, { grid, only, unfold, previous }: Asked<'layout'>): InPieces<BoardLayout> {
  const shownOnly = only ? { only: new Set(only) } : {};
  return yield* layoutBoardInPieces(shown, { grid, unfold, arrangedBy: seen, ...shownOnly, ...(previous ? { previous } : {}) });
}
