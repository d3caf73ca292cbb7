export * from './ending';
export * from './known';
export * from './moves';
export * from './place';
export * from './shows';
