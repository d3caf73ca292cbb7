export * from './filter';
export * from './mirror';
export * from './swap';
export * from './swapAthletes';
export * from './unknown';
export * from './viewTree';
export * from './withoutCloth';
