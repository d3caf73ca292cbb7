export * from './branches';
export * from './classSheet';
export * from './classTime';
export * from './plannedUnits';
export * from './units';
