'use client';
import { useEffect, useState } from 'react';
import type { Answer } from '@/workers/useAnswer';

interface Props {
  /** "Drawing the tree": what is being done. */
  readonly what: string;
  readonly answer: Pick<Answer<unknown>, 'value' | 'pending' | 'progress' | 'failed' | 'cancel' | 'again'>;
}

const SOON_MS = 500;

/** What the worker is at, once it takes longer than half a second: how far it is, the way to stop it, and what went wrong. */
export function Working({ what, answer }: Props) {
  const { value, pending, progress, failed } = answer;
  const [isSlow, setSlow] = useState(false);
  useEffect(() => {
    if (!pending) return;
    const timer = setTimeout(() => setSlow(true), SOON_MS);
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [pending]);
  const button = 'min-h-8 font-figure text-[15px] underline';
  if (failed !== null)
    return (
      <p role="alert" className="flex flex-wrap items-baseline gap-x-4 border-b border-red bg-tint px-4 py-1">
        {what} failed: {failed}. What you have drawn is safe.
        <button type="button" className={button} onClick={answer.again}>
          Try again
        </button>
      </p>
    );
  if (pending && (isSlow || value === null))
    return (
      <p role="status" className="flex flex-wrap items-baseline gap-x-4 px-4 py-1 text-soft">
        {what} …{progress > 0 ? ` ${Math.round(progress * 100)} %` : ''}
        {isSlow && (
          <button type="button" className={button} onClick={answer.cancel}>
            Stop
          </button>
        )}
      </p>
    );
  if (!pending && value === null)
    return (
      <p role="status" className="flex flex-wrap items-baseline gap-x-4 px-4 py-1 text-soft">
        Stopped.
        <button type="button" className={button} onClick={answer.again}>
          {what} after all
        </button>
      </p>
    );
  return null;
}
