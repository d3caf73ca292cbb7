export { applyDiff, diffOf, fieldsOf, invertDiff, rowsOf, type Change, type Diff, type DiffConflict, type Row } from './diff';
export { rebaseAll, rebaseDiff } from './merge';
