export { compareText, groupBy, product, sameValue } from './order';
export { seededRandom, type Random } from './random';
export { err, invariant, InvariantError, ok, required, type Result } from './result';
