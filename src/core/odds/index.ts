export { DEFAULT_ROUND_SECONDS, findOdds, MAX_ROUND_SECONDS, type Choice, type Odds, type StartOdds } from './report';
export { undrawnChance } from './chances';
export { sharesOf } from './shows';
