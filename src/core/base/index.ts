export { compareText, groupBy, product, sameValue } from './order';
export { once, perObject } from './once';
export { seededRandom, type Random } from './random';
export { err, InvariantError, ok, required, type Result } from './result';
