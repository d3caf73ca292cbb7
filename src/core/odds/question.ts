import type { PositionId, RuleSet } from '../tree';

interface Asked {
  /** 1 … 3600 */
  readonly roundSeconds: number;
  /** ρ, the chance in [0, 1] that the owner sees what is shown before he chooses. */
  readonly readSkill: number;
  /** Objective points: the table of a rule card; absent = control, the chance of finishing. */
  readonly points?: RuleSet['points'];
}
/** He shows what he usually shows (MODEL §4, question 1). */
export interface AgainstThisOpponent extends Asked {
  readonly ask: 'opponent';
}
/** He knows the game, and some of the time picks what hurts most (question 2). */
export interface HeKnowsYourGame extends Asked {
  readonly ask: 'knowing';
  /** λ, the share in [0, 1] of the time in which he picks freely; the rest he follows his habits. */
  readonly freely: number;
}
/** What the odds are asked for. */
export type OddsQuestion = AgainstThisOpponent | HeKnowsYourGame;

/** What is asked when nobody chose. */
export const ODDS_QUESTION: AgainstThisOpponent = { ask: 'opponent', roundSeconds: 300, readSkill: 1 };
export const KNOWING_QUESTION: HeKnowsYourGame = { ask: 'knowing', roundSeconds: 300, readSkill: 0.5, freely: 1 / 3 };

/** How much of the time an opponent who knows the game picks freely. */
export const KNOWS_GAME = 2 / 3;
/** What is asked of a tree against these: question 2 where one of them knows the game. */
export const questionAgainst = (opponents: readonly { readonly knowsGame?: boolean }[]): OddsQuestion =>
  opponents.some(({ knowsGame }) => knowsGame === true) ? { ...KNOWING_QUESTION, freely: KNOWS_GAME } : ODDS_QUESTION;

/** Worth in [0, 1] of a place that goes on in another tree, where that tree is not at hand. */
export const ELSEWHERE = 0.5;
/** Worth of the places of a tree that go on in another one, where it is known. */
export type Elsewhere = ReadonlyMap<PositionId, number>;
export const NOWHERE_KNOWN: Elsewhere = new Map();
