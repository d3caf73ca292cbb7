import { findValue, indexOf, positionOf, type PositionId, type ReadId, type TransitionId, type TreeDocument, type ValueId } from '../tree';
import type { Finding, FindingKind, FindingOf } from './finding';

/** Where a finding is put right: the line for what is missing, the desk of a move's or a place's grips, or the place itself. */
export type Mend =
  | { readonly at: 'answer'; readonly position: PositionId; readonly read: ReadId; readonly value: ValueId }
  | { readonly at: 'combination'; readonly position: PositionId; readonly combination: Readonly<Record<ReadId, ValueId>> }
  | { readonly at: 'show'; readonly position: PositionId }
  | { readonly at: 'grips'; readonly position: PositionId; readonly transition: TransitionId | null }
  | { readonly at: 'position'; readonly position: PositionId };

const atPosition = ({ position }: { readonly position: PositionId }): Mend => ({ at: 'position', position });
const atShow = ({ position }: { readonly position: PositionId }): Mend => ({ at: 'show', position });

/** Every kind in the order in which they are told, worst first. Apart from the finders, which a screen does without. */
const MENDS: { readonly [K in FindingKind]: (finding: FindingOf<K>, tree: TreeDocument) => Mend } = {
  unanswered: ({ position, read, value }) => ({ at: 'answer', position, read, value }),
  unstopped: atPosition,
  uncovered: ({ position, combination }) => ({ at: 'combination', position, combination }),
  ambiguous: atPosition,
  missingFact: atPosition,
  needLoop: atPosition,
  idleOption: atPosition,
  provokesGap: ({ position, value }, tree) => {
    const found = findValue(positionOf(indexOf(tree), position), value);
    return found ? { at: 'answer', position, read: found.read.id, value } : { at: 'position', position };
  },
  preferredNever: atPosition,
  prevented: atPosition,
  openMidway: atPosition,
  openAttempt: atShow,
  grips: ({ position, transition }) => ({ at: 'grips', position, transition }),
  closedGuard: ({ position, transition }) => ({ at: 'grips', position, transition }),
  lateBranch: atPosition,
  sameName: atPosition,
  emptyRead: atShow,
  deadEnd: atShow,
  unreachable: atPosition,
  necessaryHub: atPosition,
  costlyCycle: atPosition,
};
export const FINDING_KINDS = Object.keys(MENDS) as readonly FindingKind[];

/** Where a finding is put right. */
export const mendOf = (tree: TreeDocument, finding: Finding): Mend =>
  (MENDS[finding.kind] as (finding: Finding, tree: TreeDocument) => Mend)(finding, tree);
