export * from './catalogue';
export * from './aliases';
export * from './finder';
export * from './gymEntries';
export * from './search';
export * from './signs';
export * from './take';
export * from './types';
