import type { TreeDocument } from '../tree';
import { ambiguous } from './ambiguous';
import { costlyCycle } from './costlyCycle';
import { deadEnd } from './deadEnd';
import { emptyRead } from './emptyRead';
import type { Finder, Finding, FindingKind, Mend } from './finding';
import { grips } from './grips';
import { idleOption } from './idleOption';
import { lateBranch } from './lateBranch';
import { missingFact } from './missingFact';
import { necessaryHub } from './necessaryHub';
import { needLoop } from './needLoop';
import { preferredNever } from './preferredNever';
import { provokesGap } from './provokesGap';
import { sameName } from './sameName';
import { unanswered } from './unanswered';
import { uncovered } from './uncovered';
import { unstopped } from './unstopped';
import { unreachable } from './unreachable';

/** Every kind of finding in the order in which they are told, worst first. */
export const FINDERS: { readonly [K in FindingKind]: Finder<K> } = {
  unanswered,
  unstopped,
  uncovered,
  ambiguous,
  missingFact,
  needLoop,
  idleOption,
  provokesGap,
  preferredNever,
  grips,
  lateBranch,
  sameName,
  emptyRead,
  deadEnd,
  unreachable,
  necessaryHub,
  costlyCycle,
};
export const FINDING_KINDS = Object.keys(FINDERS) as readonly FindingKind[];

/** The kinds that can be found from the side that a tree is seen from. */
export const kindsIn = (tree: TreeDocument): FindingKind[] =>
  FINDING_KINDS.filter((kind) => !(tree.isSwapped && FINDERS[kind].isOfAnswers));

/** Where a finding is put right. */
export const mendOf = <K extends FindingKind>(tree: TreeDocument, finding: Finding & { readonly kind: K }): Mend =>
  (FINDERS[finding.kind] as Finder<FindingKind>).mend(finding, tree);
