export { compareText, groupBy, product, sameValue } from './order';
export { seededRandom, type Random } from './random';
export { err, ok, required, type Result } from './result';
