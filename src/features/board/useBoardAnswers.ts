'use client';
import { useMemo } from 'react';
import { LARGE_TREE } from '@/core/board';
import { viewTree, type TreeView } from '@/core/lens';
import { ODDS_QUESTION, type Odds } from '@/core/odds';
import { treeInGym } from '@/core/people';
import { findUnanswered, findUnstopped } from '@/core/structure';
import type { PositionId } from '@/core/tree';
import { speaksOf, type PositionAnswer } from '@/workers/position';
import type { TreeSheet } from '@/workers/sheet';
import { useAnswer, type Answer, type Subject } from '@/workers/useAnswer';
import type { Look } from '@/workers/questions';

export interface BoardAnswers {
  readonly odds: Answer<Odds>;
  /** Of the place that is shown; null = not known yet, or of another tree. */
  readonly said: PositionAnswer | null;
  readonly findings: Answer<TreeSheet>;
  /** The tree that the findings speak of: while a newer one is being looked at, an older one. */
  readonly spoken: TreeView;
  /** How many values have no answer; null = not counted yet. */
  readonly broken: number | null;
}
interface Asked {
  readonly subject: Subject;
  readonly look: Look;
  /** The tree as it is looked at. */
  readonly view: TreeView;
  /** The place whose sheet is open; null = the findings are. */
  readonly shownPosition: PositionId | null;
}

/** What the worker computes for the side sheet and the count in the head. */
export function useBoardAnswers({ subject, look, view, shownPosition }: Asked): BoardAnswers {
  const { tree, book } = subject;
  const isLarge = tree.positions.length > LARGE_TREE;
  const odds = useAnswer<'odds'>(subject, shownPosition === null ? null : { kind: 'odds', look, question: ODDS_QUESTION });
  const answer = useAnswer<'position'>(subject, shownPosition === null ? null : { kind: 'position', look, position: shownPosition });
  // A large tree's broken rungs are counted with the findings, away from the screen.
  const findings = useAnswer<'sheet'>(subject, shownPosition !== null && !isLarge ? null : { kind: 'sheet', look });
  const { of, asked } = findings;
  const spoken = useMemo(() => {
    if (of === null || asked === null || (of === tree && asked.look === look)) return view;
    return viewTree(treeInGym(of, book), asked.look.filter, asked.look.swapped);
  }, [of, asked, tree, view, book, look]);
  const broken = useMemo(() => {
    if (!isLarge) return findUnanswered(view.shown).length + findUnstopped(view.shown).length;
    return findings.value?.findings.list.filter(({ kind }) => kind === 'unanswered' || kind === 'unstopped').length ?? null;
  }, [isLarge, findings.value, view.shown]);
  const said = answer.value && answer.asked?.position === shownPosition && speaksOf(view.seen, answer.value) ? answer.value : null;
  return { odds, said, findings, spoken, broken };
}
