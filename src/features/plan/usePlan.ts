import { useMemo } from 'react';
import { filterTree, opponentsIn, type Filter } from '@/core/lens';
import { planOf, questionAgainst, type PlanGuard } from '@/core/odds';
import { treeInGym } from '@/core/people';
import type { Profile, TreeDocument } from '@/core/tree';
import { guardsOf } from '@/core/words';
import { useAnswer, type Answer, type Subject } from '@/workers/useAnswer';

export interface Plan {
  /** As it is against him. */
  readonly tree: TreeDocument;
  readonly him: Profile;
  readonly guards: readonly PlanGuard[];
  readonly roundSeconds: number;
}

/** The plan against whom a filter takes as the other one; `all`: for every guard of the tree, not only those that he plays. */
export function usePlan(subject: Subject, filter: Filter | null, all = false): { plan: Plan | null; answer: Answer<unknown> } {
  const { tree, book } = subject;
  const whole = useMemo(() => treeInGym(tree, book), [tree, book]);
  const him = filter === null ? undefined : opponentsIn(whole, filter)[0];
  const question = useMemo(() => questionAgainst(him ? [him] : []), [him]);
  const answer = useAnswer<'odds'>(subject, filter !== null && him ? { kind: 'odds', look: { filter, swapped: false }, question } : null);
  const { value, asked, of, isCurrent } = answer;
  const plan = useMemo((): Plan | null => {
    if (!isCurrent || !value || !asked || !of || !him) return null;
    const shown = filterTree(treeInGym(of, book), asked.look.filter).tree;
    const guards = all ? shown.starts.map(({ position }) => position) : guardsOf(shown, him);
    return { tree: shown, him, guards: planOf(shown, value, guards), roundSeconds: asked.question.roundSeconds };
  }, [isCurrent, value, asked, of, him, book, all]);
  return { plan, answer };
}
