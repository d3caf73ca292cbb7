export { findAdviceInPieces, PRACTISED, type Advice } from './derived/advice';
export type { Choice } from './choices';
export { findMarginsInPieces, type Margin } from './derived/margin';
export { KNOWING_QUESTION, ODDS_QUESTION, type OddsQuestion } from './question';
export { findOdds, findOddsInPieces, type Odds, type Mixes, type PositionOdds, type StartOdds } from './report';
export { sharesOf } from './shares';
