import type { Dispatch } from 'react';
import { fitOf, indexOf, positionOf, withFit, type Fit, type Transition, type TreeDocument } from '@/core/tree';
import { sayShown } from '@/core/words';
import type { BoardAction } from '../../boardState';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly dispatch: Dispatch<BoardAction>;
}

const FITS = {
  owner: [
    ['answers', 'fits'],
    ['stopped', 'fails'],
  ],
  opponent: [['answers', 'then']],
} as const;

/** For everything he shows here: does this move fit, does it fail, or is nothing said? Two that stop each other are a dilemma. */
export function FitList({ tree, transition, dispatch }: Props) {
  const position = positionOf(indexOf(tree), transition.from);
  if (position.reads.every((read) => read.values.length === 0)) return null;
  return (
    <fieldset>
      <legend className="text-[13px] text-soft">{transition.actor === 'owner' ? 'It fits, or fails, if' : 'He does it if'}</legend>
      {position.reads.flatMap((read) =>
        read.values.map((value) => {
          const now = fitOf(transition, read.id, value.id);
          const words = sayShown(read, value.name);
          const set = (fit: Fit) =>
            dispatch({
              type: 'edit',
              label: `${transition.name}: ${fit} ${words}`,
              tree: withFit(tree, transition, read.id, value.id, fit === now ? 'silent' : fit),
            });
          return (
            <div key={value.id} className="flex items-baseline justify-between gap-2">
              <span className="font-figure text-[15px] text-his">{words}</span>
              <span className="flex shrink-0 gap-3">
                {FITS[transition.actor].map(([fit, word]) => (
                  <button
                    key={fit}
                    type="button"
                    aria-pressed={now === fit}
                    aria-label={`${words}: ${word}`}
                    className={`min-h-7 font-figure text-[15px] ${now === fit ? 'font-semibold underline decoration-red decoration-2 underline-offset-4' : 'text-soft hover:text-ink'}`}
                    onClick={() => set(fit)}
                  >
                    {word}
                  </button>
                ))}
              </span>
            </div>
          );
        }),
      )}
    </fieldset>
  );
}
