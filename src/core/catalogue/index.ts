export * from './catalogue';
export { aliasesOfWords } from './aliases';
export * from './finder';
export * from './fromBelow';
export * from './gymEntries';
export * from './search';
export * from './signs';
export * from './take';
export * from './types';
