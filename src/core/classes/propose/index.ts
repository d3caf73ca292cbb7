export * from './candidates';
export * from './model';
export * from './places';
export * from './programme';
export * from './propose';
