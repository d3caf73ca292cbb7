'use client';
import { useRef, useState } from 'react';
import { ask } from '@/client/api';
import { createDocument, deleteDocument } from '@/client/documents';
import { idToAddress } from '@/contracts/address';
import type { ProposalAsked, ProposalsAnswer } from '@/contracts/classes';
import { attendance, courseDates } from '@/core/classes';
import type { GymBook } from '@/core/people';
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
  const planOne = async (asked: CourseAsked, date: string): Promise<string | null> => {
    const { group, time, slotMinutes, mostNew, gapDays } = asked;
    const slot: ClassPlan = {
      ...emptyClassPlan,
      slotMinutes,
      date,
      ...(group === undefined ? {} : { group }),
      ...(time === '' ? {} : { time }),
    };
    const { plan } = attendance(slot, book);
    const body: ProposalAsked = { plan: slot, theme: null, musts: [], mustNots: [], mostNew, gapDays, one: true };
    const got = await ask<ProposalsAnswer>(`/api/trees/${idToAddress(tree.id)}/propose`, { method: 'POST', body });
    if (!got.ok) return got.problems.join(' ');
    const [first] = got.value.proposals;
    if (!first) return got.value.notMet.join(' ');
    const units = first.units.map(({ unit }) => unit);
    const document = {
      ...slot,
      people: plan.people,
      id: `course-${date}`,
      name: first.about || 'Class',
      tree: tree.id,
      units,
      fromCourse: true,
    };
    const made = await createDocument('class', document);
    return made.ok ? null : made.problems.join(' ');
  };
  const remove = async (gone: readonly ClassDocument[]): Promise<string | null> => {
    for (const { id } of gone) {
      const removed = await deleteDocument('class', id);
      if (!removed.ok) return removed.problems.join(' ');
    }
    return null;
  };
  const plan = async (asked: CourseAsked) => {
    stopped.current = false;
    setProblem(null);
    const from = asked.from < today ? today : asked.from;
    const ahead = classes.filter(({ date, group }) => date !== undefined && date >= from && group === asked.group);
    const kept = new Set(ahead.filter(({ fromCourse }) => fromCourse !== true).map(({ date }) => date));
    const former = ahead.filter(({ fromCourse }) => fromCourse === true);
    const dates = courseDates(from, asked.weekdays, asked.weeks).filter((date) => !kept.has(date));
    let wrong: string | null = null;
    for (const [i, date] of dates.entries()) {
      setProgress({ done: i, of: dates.length });
      // What an evening had goes when its new class is there: stopped or refused, nothing is lost.
      wrong = (await planOne(asked, date)) ?? (await remove(former.filter((item) => item.date === date)));
      if (wrong !== null) setProblem(`${date}: ${wrong}`);
      if (wrong !== null || stopped.current) break;
    }
    if (wrong === null && !stopped.current) await remove(former.filter(({ date }) => !dates.includes(date!)));
    setProgress(null);
    onDone();
  };
  return { plan, progress, problem, stop: () => void (stopped.current = true) };
}
