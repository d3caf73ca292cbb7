export { compareText, groupBy, product, sameValue } from './order';
export { atOnce, partOf, type InPieces } from './inPieces';
export { findMatching, FORGIVEN, isOneLetterOff, lettersOf, missIn, missOfNames, wordsIn } from './match';
export { once, perObject } from './once';
export { ownField } from './own';
export { seededRandom, type Random } from './random';
export { err, InvariantError, ok, required, type Result } from './result';
