export { findAdviceInPieces, PRACTISED, type Advice, type WorkList } from './derived/advice';
export type { Choice } from './choices';
export { findClosenessInPieces, type Closeness, type Spread } from './derived/closeness';
export { findStrengthsInPieces, SLIGHT, type Strength } from './derived/dilemmas';
export { findLoadsInPieces, type Load } from './derived/load';
export { findMarginsInPieces, type Margin, type Margins } from './derived/margin';
export type { Mover } from './derived/movers';
export { KNOWING_QUESTION, ODDS_QUESTION, type HeKnowsYourGame, type OddsQuestion } from './question';
export { findOdds, findOddsInPieces, type Odds, type Mixes, type PositionOdds, type StartOdds } from './report';
