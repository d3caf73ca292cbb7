export * from './candidates';
export type { LeftOut } from './leftOut';
export * from './model';
export * from './places';
export * from './programme';
export * from './propose';
