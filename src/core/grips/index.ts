export * from './certainFacts';
export * from './needLoops';
