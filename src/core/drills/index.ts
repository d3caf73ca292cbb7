export * from './branches';
export * from './classTime';
export * from './plannedUnits';
export * from './units';
