export { compareText, groupBy, product, sameValue } from './order';
export { once } from './once';
export { seededRandom, type Random } from './random';
export { err, InvariantError, ok, required, type Result } from './result';
