export * from './people';
export * from './settings';
export * from './training';
