export { findOdds, findOddsInPieces, ODDS_QUESTION, type Choice, type Odds, type OddsQuestion, type StartOdds } from './report';
export { sharesOf } from './shows';
