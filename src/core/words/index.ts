export * from './arrival';
export * from './branch';
export * from './chances';
export * from './figures';
export * from './findings';
export * from './gripProblem';
export * from './tree';
export * from './vocabulary';
