'use client';
import { useRef, useState } from 'react';
import { ask } from '@/client/api';
import { createDocument, deleteDocument } from '@/client/documents';
import { idToAddress } from '@/contracts/address';
import type { ProposalAsked, ProposalsAnswer } from '@/contracts/classes';
import { courseDates } from '@/core/classes';
import { expectedAt, type GymBook } from '@/core/people';
import type { TreeDocument } from '@/core/tree';
import { emptyClassPlan, type ClassDocument, type ClassPlan } from '@/documents/class/schema';

export interface CourseAsked {
  readonly group: string | undefined;
  readonly weekdays: readonly number[];
  readonly time: string;
  readonly from: string;
  readonly weeks: number;
  readonly slotMinutes: number;
  readonly mostNew: number | null;
  readonly gapDays: number;
}
export interface Progress {
  readonly done: number;
  readonly of: number;
}

/** Plans evening after evening: what was planned before counts as taught. Stopped, it leaves what it has made. */
export function useCoursePlanner(tree: TreeDocument, book: GymBook, classes: readonly ClassDocument[], today: string, onDone: () => void) {
  const [progress, setProgress] = useState<Progress | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stopped = useRef(false);
  const isOf = (plan: ClassDocument, { group, from }: CourseAsked): boolean =>
    plan.date !== undefined && plan.date >= from && plan.date >= today && plan.group === group;

  const planOne = async (asked: CourseAsked, date: string): Promise<string | null> => {
    const group = book.groups?.find(({ id }) => id === asked.group);
    const people = expectedAt(book.athletes, group, { date }).length;
    const plan: ClassPlan = {
      ...emptyClassPlan,
      ...{ slotMinutes: asked.slotMinutes, date, ...(asked.group === undefined ? {} : { group: asked.group }) },
      ...(asked.time === '' ? {} : { time: asked.time }),
      ...(people >= 2 ? { people } : {}),
    };
    const body: ProposalAsked = {
      plan,
      theme: null,
      musts: [],
      mustNots: [],
      mostNew: asked.mostNew,
      gapDays: asked.gapDays,
      one: true,
    };
    const got = await ask<ProposalsAnswer>(`/api/trees/${idToAddress(tree.id)}/propose`, { method: 'POST', body });
    if (!got.ok) return got.problems.join(' ');
    const [first] = got.value.proposals;
    if (!first) return got.value.notMet.join(' ');
    const units = first.units.map(({ unit }) => unit);
    const document = {
      ...plan,
      id: `course-${date}`,
      name: first.about || 'Class',
      tree: tree.id,
      units,
      fromCourse: true,
    };
    const made = await createDocument('class', document);
    return made.ok ? null : made.problems.join(' ');
  };
  const plan = async (asked: CourseAsked) => {
    stopped.current = false;
    setProblem(null);
    const ahead = classes.filter((item) => isOf(item, asked));
    const kept = new Set(ahead.filter(({ fromCourse }) => fromCourse !== true).map(({ date }) => date));
    const dates = courseDates(asked.from < today ? today : asked.from, asked.weekdays, asked.weeks).filter((date) => !kept.has(date));
    setProgress({ done: 0, of: dates.length });
    for (const item of ahead) if (item.fromCourse === true) await deleteDocument('class', item.id);
    for (const [i, date] of dates.entries()) {
      if (stopped.current) break;
      const wrong = await planOne(asked, date);
      if (wrong !== null) {
        setProblem(`${date}: ${wrong}`);
        break;
      }
      setProgress({ done: i + 1, of: dates.length });
    }
    setProgress(null);
    onDone();
  };
  return { plan, progress, problem, stop: () => void (stopped.current = true) };
}
