export * from './answers';
export * from './cycles';
export * from './ends';
export * from './findings';
export * from './graph';
export * from './necessaryHubs';
export * from './routes';
export * from './shortestRoutes';
