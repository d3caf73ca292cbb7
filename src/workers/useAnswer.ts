'use client';
import { startTransition, useEffect, useRef, useState } from 'react';
import type { GymBook } from '@/core/people';
import type { TreeDocument } from '@/core/tree';
import { getAnalyst, NotWanted } from './analyst';
import type { AnswerTo, Asked, QuestionKind } from './questions';

/** What the questions are about. */
export interface Subject {
  /** As this window has it. */
  readonly tree: TreeDocument;
  /** Its revision, when the server has exactly this; null = edits are on their way. */
  readonly revision: number | null;
  readonly book: GymBook;
}
export interface Answer<T, Q = unknown> {
  readonly value: T | null;
  /** The tree and the question that the value answers: older ones while a newer question is being answered. */
  readonly of: TreeDocument | null;
  readonly asked: Q | null;
  readonly pending: boolean;
  /** The value answers what is asked now: not so while it is pending, nor after it was stopped or failed. */
  readonly isCurrent: boolean;
  /** How far it is, in [0, 1]; 0 = it has only begun. */
  readonly progress: number;
  /** Milliseconds from asked to answered. */
  readonly tookMs: number;
  /** Why there is no answer; `again` starts a new worker. */
  readonly failed: string | null;
  cancel(): void;
  again(): void;
}

interface Known<T, Q> {
  readonly question: Q;
  readonly tree: TreeDocument;
  readonly book: GymBook;
  readonly key: string;
  readonly value: T | null;
  readonly tookMs: number;
  readonly failed: string | null;
  /** What the failed question was about. */
  readonly failedFor: { readonly tree: TreeDocument; readonly key: string } | null;
}

const keyOf = (question: unknown): string => JSON.stringify(question, (_, value: unknown) => (value instanceof Map ? [...value] : value));

/** The question that was asked last, on its way: cancelled when another is asked. */
interface Request<K extends QuestionKind> {
  readonly subject: Subject;
  readonly question: Asked<K>;
  readonly onProgress: (share: number) => void;
  /** An answer, or why there is none; never after it was cancelled. */
  readonly onSettled: (value: AnswerTo[K] | null, failed: string | null, tookMs: number) => void;
}
function ask<K extends QuestionKind>({ subject, question, onProgress, onSettled }: Request<K>): { cancel(): void; end(): void } {
  let current = true;
  const began = performance.now();
  const settle = (value: AnswerTo[K] | null, failed: string | null) => current && onSettled(value, failed, performance.now() - began);
  const { tree, revision, book } = subject;
  const { answer, cancel } = getAnalyst().ask<K>(tree, revision, book, question, (share) => current && onProgress(share));
  answer.then(
    (value) => settle(value, null),
    (error: unknown) => {
      if (!(error instanceof NotWanted)) settle(null, error instanceof Error ? error.message : String(error));
    },
  );
  const end = () => {
    current = false;
    cancel();
  };
  return { cancel, end };
}

const answers = <T, Q>(
  known: Known<T, Q> | null,
  { tree, book }: Pick<Subject, 'tree' | 'book'>,
  key: string | null,
): known is Known<T, Q> => known !== null && known.failed === null && known.tree === tree && known.book === book && known.key === key;

/**
 * The answer to a question about the tree, computed in the worker after each change; only the newest question is answered.
 * Null = nothing is asked, and nothing computed.
 */
export function useAnswer<K extends QuestionKind>(
  { tree, revision, book }: Subject,
  question: Asked<K> | null,
): Answer<AnswerTo[K], Asked<K>> {
  const [known, setKnown] = useState<Known<AnswerTo[K], Asked<K>> | null>(null);
  const [progress, setProgress] = useState(0);
  const [tries, setTries] = useState(0);
  const [stopped, setStopped] = useState<{ readonly tree: TreeDocument; readonly key: string | null } | null>(null);
  const asked = useRef<{ cancel(): void } | null>(null);
  const key = question === null ? null : keyOf(question);
  const latest = useRef({ question, revision, known });
  useEffect(() => {
    latest.current = { question, revision, known };
  });
  useEffect(() => {
    const { question: now, revision: at, known: before } = latest.current;
    if (now === null || key === null || answers(before, { tree, book }, key)) return;
    const onSettled = (value: AnswerTo[K] | null, failed: string | null, tookMs: number) =>
      // Drawn in slices of time: typing comes first. Where nothing came, what was known before stays readable.
      startTransition(() =>
        setKnown((was) => ({
          ...(value === null && was ? was : { tree, book, key, question: now, value }),
          failedFor: failed === null ? null : { tree, key },
          tookMs,
          failed,
        })),
      );
    const request = ask({ subject: { tree, revision: at, book }, question: now, onProgress: setProgress, onSettled });
    asked.current = request;
    return () => {
      request.end();
      setProgress(0);
    };
  }, [tree, book, key, tries]);
  // Only this question was stopped: another one about the same tree is computed.
  const isStopped = stopped?.tree === tree && stopped.key === key;
  const isCurrent = question !== null && answers(known, { tree, book }, key);
  const hasFailed = known !== null && known.failedFor?.tree === tree && known.failedFor.key === key;
  return {
    value: question === null ? null : (known?.value ?? null),
    of: known?.tree ?? null,
    asked: known?.question ?? null,
    pending: question !== null && !isCurrent && !hasFailed && !isStopped,
    isCurrent,
    progress,
    tookMs: known?.tookMs ?? 0,
    failed: hasFailed ? known.failed : null,
    cancel: () => {
      asked.current?.cancel();
      setStopped({ tree, key });
    },
    again: () => {
      setKnown(null);
      setStopped(null);
      setTries((count) => count + 1);
    },
  };
}
