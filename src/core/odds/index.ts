export { findOdds, findOddsInPieces, type Choice, type Odds, type StartOdds } from './report';
export { sharesOf } from './shows';
