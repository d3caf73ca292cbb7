import type { FoundRisk, GripProblem, MissingFact, NeedLoop } from '../grips';
import type { AmbiguousValue, ContradictoryPreference, LateBranch, OpenMidway, Prevented, Unanswered, Unstopped } from '../structure';
import type { Ending, PositionId, ReadId, TransitionId, TreeDocument, ValueId } from '../tree';

/**
 * The kinds of finding, and what each says beside its place. A kind added here does not compile until it has a finder
 * (`registry.ts`), a way to mend it (`mends.ts`), and words (`words/findings.ts`).
 */
interface FindingData {
  unanswered: Omit<Unanswered, 'position'>;
  unstopped: Omit<Unstopped, 'position'>;
  uncovered: { readonly combination: Readonly<Record<ReadId, ValueId>> };
  ambiguous: { readonly values: readonly ValueId[]; readonly answers: AmbiguousValue['answers'] };
  missingFact: MissingFact;
  needLoop: NeedLoop;
  idleOption: { readonly transition: TransitionId };
  provokesGap: { readonly transition: TransitionId; readonly value: ValueId };
  preferredNever: ContradictoryPreference;
  prevented: Prevented;
  openMidway: OpenMidway;
  openAttempt: object;
  /** `transition` null: at the position itself. */
  grips: { readonly transition: TransitionId | null; readonly problem: GripProblem };
  closedGuard: Omit<FoundRisk, 'position'>;
  lateBranch: Omit<LateBranch, 'position'>;
  sameName: { readonly others: readonly PositionId[] };
  emptyRead: { readonly read: ReadId };
  deadEnd: object;
  unreachable: object;
  necessaryHub: { readonly ends: readonly Ending[] };
  /** All the loops that one thing of his makes costly: `to` is where he gets me, `positions` the shortest of them. */
  costlyCycle: { readonly to: PositionId; readonly positions: readonly PositionId[] };
}
export type FindingKind = keyof FindingData;

/** What is wrong or worth knowing at one place. `key` is stable while the place exists, so a dismissal stays. */
export type FindingOf<K extends FindingKind> = {
  readonly kind: K;
  readonly key: string;
  readonly position: PositionId;
} & FindingData[K];
export type Finding = { [K in FindingKind]: FindingOf<K> }[FindingKind];

export interface Found<K extends FindingKind> {
  readonly list: readonly FindingOf<K>[];
  /** `budget`: there are more than were searched. */
  readonly status: 'exact' | 'budget';
}
export interface Finder<K extends FindingKind> {
  /** It speaks of answers to what the other athlete shows: not where the tree is seen by him. */
  readonly isOfAnswers?: true;
  /** Findings in document order. */
  find(tree: TreeDocument): Found<K>;
}

export const exactly = <K extends FindingKind>(list: readonly FindingOf<K>[]): Found<K> => ({ list, status: 'exact' });
