export * from './candidates';
export * from './model';
export * from './programme';
export * from './propose';
