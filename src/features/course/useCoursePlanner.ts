'use client';
import { useRef, useState } from 'react';
import { ask } from '@/client/api';
import { askInLines } from '@/client/askInLines';
import { idToAddress } from '@/contracts/address';
import type { CourseAnswer, CourseAsked, CourseLine, CourseToStore } from '@/contracts/course';
import { courseDates } from '@/core/classes';
import type { CourseWanted } from './courseModel';
import type { TreeDocument } from '@/core/tree';

/** Plans the weeks ahead as a whole and writes them down. Given up before it has an answer, nothing has changed. */
export function useCoursePlanner(tree: TreeDocument, today: string, onDone: () => void) {
  /** How far it is, in [0, 1]; null = nothing is planned now. */
  const [share, setShare] = useState<number | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [answer, setAnswer] = useState<CourseAnswer | null>(null);
  const running = useRef<AbortController | null>(null);
  const address = `/api/trees/${idToAddress(tree.id)}/course`;
  const plan = async ({ weekdays, from: typed, weeks, time: at, polish, ...rest }: CourseWanted) => {
    const from = typed < today ? today : typed;
    const dates = courseDates(from, weekdays, weeks);
    const time = at === '' ? undefined : at;
    const controller = new AbortController();
    running.current = controller;
    setProblems([]);
    setAnswer(null);
    setShare(0);
    let found: CourseAnswer | null = null;
    let wrong: readonly string[] = [];
    try {
      const body: CourseAsked = { ...rest, dates, time };
      const refused = await askInLines<CourseLine>(address, { ...body, polish }, controller.signal, (line) => {
        if ('share' in line) setShare(line.share);
        else if ('answer' in line) found = line.answer;
        else wrong = line.problems;
      });
      if (refused.length > 0) wrong = refused;
      if (wrong.length === 0 && found) wrong = await write({ ...body, from, weekdays, weeks }, found);
    } catch {
      // Given up: nothing was written.
    }
    setProblems(wrong);
    setAnswer(wrong.length > 0 ? null : found);
    setShare(null);
    // Where nothing was written there is nothing new to read, and perhaps nobody who would answer.
    if (found && wrong.length === 0) onDone();
  };
  const write = async (
    asked: Omit<CourseToStore, 'classes' | 'weekdays'> & Pick<CourseWanted, 'weekdays'>,
    { classes }: CourseAnswer,
  ): Promise<readonly string[]> => {
    const body = { ...asked, classes: classes.map(({ date, about, people, units }) => ({ date, about, people, units })) };
    const stored = await ask<{ written: number }>(address, { method: 'PUT', body });
    return stored.ok ? [] : stored.problems;
  };
  return { plan, share, problems, answer, stop: () => running.current?.abort() };
}
