export * from './arrival';
export * from './branch';
export * from './figures';
export * from './findings';
export * from './gripProblem';
export * from './tree';
