import type { TreeDocument } from '../tree';
import { ambiguous } from './ambiguous';
import { costlyCycle } from './costlyCycle';
import { deadEnd } from './deadEnd';
import { emptyRead } from './emptyRead';
import type { Finder, FindingKind } from './finding';
import { FINDING_KINDS } from './mends';
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
  grips,
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
