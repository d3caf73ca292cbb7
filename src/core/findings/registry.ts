import type { TreeDocument } from '../tree';
import { ambiguous } from './kinds/ambiguous';
import { closedGuard } from './kinds/closedGuard';
import { costlyCycle } from './kinds/costlyCycle';
import { deadEnd } from './kinds/deadEnd';
import { emptyRead } from './kinds/emptyRead';
import type { Finder, FindingKind } from './finding';
import { FINDING_KINDS } from './mends';
import { grips } from './kinds/grips';
import { idleOption } from './kinds/idleOption';
import { lateBranch } from './kinds/lateBranch';
import { missingFact } from './kinds/missingFact';
import { necessaryHub } from './kinds/necessaryHub';
import { needLoop } from './kinds/needLoop';
import { openAttempt } from './kinds/openAttempt';
import { openMidway } from './kinds/openMidway';
import { prevented } from './kinds/prevented';
import { preferredNever } from './kinds/preferredNever';
import { provokesGap } from './kinds/provokesGap';
import { sameName } from './kinds/sameName';
import { unanswered } from './kinds/unanswered';
import { uncovered } from './kinds/uncovered';
import { unstopped } from './kinds/unstopped';
import { unreachable } from './kinds/unreachable';

/** What finds each kind. */
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
  prevented,
  openMidway,
  openAttempt,
  grips,
  closedGuard,
  lateBranch,
  sameName,
  emptyRead,
  deadEnd,
  unreachable,
  necessaryHub,
  costlyCycle,
};
/** The kinds that can be found from the side that a tree is seen from. */
export const kindsIn = (tree: TreeDocument): FindingKind[] =>
  FINDING_KINDS.filter((kind) => !(tree.isSwapped && FINDERS[kind].isOfAnswers));
