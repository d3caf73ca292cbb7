export type { Finding, FindingKind, FindingOf, Mend } from './finding';
export * from './findFindings';
export { FINDING_KINDS, mendOf } from './registry';
