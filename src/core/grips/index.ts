export * from './certainFacts';
export * from './needLoops';
export * from './account';
export * from './blockers';
export * from './contacts';
export * from './contactText';
export * from './mirror';
export * from './uniform';
