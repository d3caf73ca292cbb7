export * from './catalogue';
export * from './finder';
export * from './search';
export * from './signs';
export * from './take';
export * from './types';
