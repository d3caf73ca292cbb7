'use client';
import { useRef, useState } from 'react';
import { ask } from '@/client/api';
import { askInLines } from '@/client/askInLines';
import { createDocument, deleteDocument } from '@/client/documents';
import { idToAddress } from '@/contracts/address';
import type { CourseAnswer, CourseAsked, CourseClassSent, CourseLine } from '@/contracts/course';
import { courseDates } from '@/core/classes';
import type { TreeDocument } from '@/core/tree';
import { emptyClassPlan, type ClassDocument } from '@/documents/class/schema';

/** What the coach asks for: the days come from weekdays and weeks. */
export interface CourseWanted extends Omit<CourseAsked, 'dates' | 'time'> {
  readonly weekdays: readonly number[];
  readonly time: string;
  readonly from: string;
  readonly weeks: number;
}
/** How far it is: while it is looked for a share in [0, 1], then evenings that are written down. */
export type Progress = { readonly share: number } | { readonly done: number; readonly of: number };

/** Plans the weeks ahead as a whole and writes them down evening by evening. Given up before it has an answer, nothing has changed. */
export function useCoursePlanner(tree: TreeDocument, today: string, onDone: () => void) {
  const [progress, setProgress] = useState<Progress | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [answer, setAnswer] = useState<CourseAnswer | null>(null);
  const running = useRef<AbortController | null>(null);
  const write = async ({ group, time, slotMinutes }: CourseWanted, { date, about, people, units }: CourseClassSent) => {
    const document = {
      ...{ ...emptyClassPlan, slotMinutes, date, people, units },
      ...(group === undefined ? {} : { group }),
      ...(time === '' ? {} : { time }),
      ...{ id: `course-${date}`, name: about || 'Class', tree: tree.id, fromCourse: true },
    };
    const made = await createDocument('class', document);
    return made.ok ? [] : made.problems;
  };
  const remove = async (gone: readonly ClassDocument[]): Promise<readonly string[]> => {
    for (const { id } of gone) {
      const removed = await deleteDocument('class', id);
      if (!removed.ok) return removed.problems;
    }
    return [];
  };
  const plan = async (wanted: CourseWanted) => {
    const { weekdays, from: typed, weeks, time, ...rest } = wanted;
    const from = typed < today ? today : typed;
    const dates = courseDates(from, weekdays, weeks);
    const controller = new AbortController();
    running.current = controller;
    setProblems([]);
    setAnswer(null);
    setProgress({ share: 0 });
    const body: CourseAsked = { ...rest, dates, ...(time === '' ? {} : { time }) };
    let found: CourseAnswer | null = null;
    let wrong: readonly string[] = [];
    try {
      wrong = await askInLines<CourseLine>(`/api/trees/${idToAddress(tree.id)}/course`, body, controller.signal, (line) => {
        if ('share' in line) setProgress({ share: line.share });
        else if ('answer' in line) found = line.answer;
        else wrong = line.problems;
      });
      if (wrong.length === 0 && found) wrong = await writeAll(wanted, from, dates, found, controller.signal);
    } catch {
      // Given up: nothing was written.
    }
    setProblems(wrong);
    setAnswer(found);
    setProgress(null);
    onDone();
  };
  /** What an evening had goes when its new class is there: stopped or refused, nothing is lost. */
  const writeAll = async (
    wanted: CourseWanted,
    from: string,
    dates: readonly string[],
    found: CourseAnswer,
    signal: AbortSignal,
  ): Promise<readonly string[]> => {
    // As they stand now: another window may have planned meanwhile.
    const now = await ask<{ documents: readonly { document: ClassDocument }[] }>('/api/documents/class?whole');
    if (!now.ok) return now.problems;
    const ahead = now.value.documents
      .map(({ document }) => document)
      .filter(({ tree: of, date, group }) => of === tree.id && date !== undefined && date >= from && group === wanted.group);
    const former = ahead.filter(({ fromCourse }) => fromCourse === true);
    const byHand = new Set(ahead.filter(({ fromCourse }) => fromCourse !== true).map(({ date }) => date));
    for (const [i, item] of found.classes.entries()) {
      if (signal.aborted) return [`Stopped: ${i} of ${found.classes.length} evenings are written down, the others are as they were.`];
      setProgress({ done: i, of: found.classes.length });
      if (byHand.has(item.date)) continue;
      const wrong = [...(await write(wanted, item)), ...(await remove(former.filter(({ date }) => date === item.date)))];
      if (wrong.length > 0) return [`${item.date}: ${wrong.join(' ')}`];
    }
    // On another day there is no class any more; where none could be made the former one stays.
    return remove(former.filter(({ date }) => !dates.includes(date!)));
  };
  return { plan, progress, problems, answer, stop: () => running.current?.abort() };
}
