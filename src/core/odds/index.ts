export { findAdviceInPieces, PRACTISED, type Advice, type Gap, type WorkList } from './derived/advice';
export type { Choice } from './choices';
export { findClosenessInPieces, type Closeness, type Spread } from './margins/closeness';
export { findStrengthsInPieces, SLIGHT, type Strength } from './derived/dilemmas';
export { findDefencesInPieces, type Defence } from './derived/tried/defences';
export { findPayoffsInPieces, type MovePayoffs } from './derived/payoffs';
export { findPricesInPieces, type Priced } from './derived/tried/prices';
export { findLoadsInPieces, type Load } from './derived/tried/load';
export { findMarginsInPieces, type Margin, type Margins } from './margins/margin';
export type { Mover } from './margins/movers';
export { findObserved, type Observation, type ObservedError, type ObservedStart } from './observed';
export { findSteadyOdds, type SteadyOdds } from './steady/report';
export { findShadesInPieces, SHADED_BY, type Shade, type ShadedBy } from './derived/shades';
export { elsewhereInPieces, linksElsewhere, steadyWorths, worthsInPieces, type Others, type Worths } from './elsewhere';
export { explainInPieces, type Explained, type Term } from './derived/explain';
export { whatIfInPieces, type Change, type WhatIf } from './derived/tried/whatIf';
export { planOf, type Avoided, type PlanGuard, type PlanStep } from './derived/plan';
export {
  KNOWING_QUESTION,
  NOWHERE_KNOWN,
  ODDS_QUESTION,
  questionAgainst,
  type Elsewhere,
  type HeKnowsYourGame,
  type OddsQuestion,
} from './question';
export type { Ended } from './rounds/ready';
export { HALF_MINUTE, simulateInPieces, wilson, type Rounds } from './rounds/simulate';
export { tellRoundInPieces, type RoundEvent, type ToldRound } from './rounds/toldRound';
export { findOdds, findOddsInPieces, type Odds, type Mixes, type PositionOdds, type StartOdds } from './report';
