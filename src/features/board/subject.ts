import { createContext } from 'react';
import type { TransitionId } from '@/core/tree';
import type { Look } from '@/workers/questions';
import type { Subject } from '@/workers/useAnswer';

/** A class of the tree, as far as a removal concerns it. */
export interface ClassBranches {
  readonly name: string;
  readonly units: readonly (readonly TransitionId[])[];
}
export interface BoardSubject {
  readonly subject: Subject;
  readonly look: Look;
  readonly classes: readonly ClassBranches[];
}
/** What the questions of the side sheet are about; null = outside a board. */
export const SubjectContext = createContext<BoardSubject | null>(null);
