export type { Finding, FindingKind, FindingOf } from './finding';
export * from './effect';
export * from './findFindings';
export * from './mends';
export * from './weigh';
