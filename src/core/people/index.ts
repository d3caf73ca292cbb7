export * from './people';
export * from './training';
