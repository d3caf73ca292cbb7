export type { Finding, FindingKind, FindingOf } from './finding';
export * from './findFindings';
export * from './mends';
