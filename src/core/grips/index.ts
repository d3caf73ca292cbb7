export * from './certainFacts';
