export * from './apply';
export type { OutlineMode, OutlineReport } from './builder';
export type { OutlineProblem } from './parse';
export { formatOutline } from './print';
