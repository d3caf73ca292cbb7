import { Working } from '@/client/Working';
import type { Filter } from '@/core/lens';
import type { OddsQuestion, StartOdds } from '@/core/odds';
import type { TreeDocument } from '@/core/tree';
import { sayBetween, sayWorth } from '@/core/words';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import { TypeFirst } from './TypeFirst';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
  /** As it is spoken of. */
  readonly tree: TreeDocument;
  readonly starts: readonly StartOdds[];
  readonly start: StartOdds;
  readonly name: string;
  /** Something leads on from there. */
  readonly isDrawn: boolean;
  /** Nothing more urgent is being computed. */
  readonly isReady: boolean;
}

/** The answer as one figure, with its margin, which follows. */
export function BigFigure({ subject, filter, question, tree, starts, start, name, isDrawn, isReady }: Props) {
  const answer = useAnswer<'margins'>(subject, isReady && isDrawn ? { kind: 'margins', look: { filter, swapped: false }, question } : null);
  const { pending } = answer;
  const value = answer.isCurrent ? answer.value : null;
  const margin = value?.starts.find(({ position }) => position === start.position);
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-3">
        <strong className="font-figure text-[40px] leading-none font-semibold" data-answer>
          {sayWorth({ value: start.value, isDrawn })}
        </strong>
        <span className="text-soft">
          {isDrawn ? `of the rounds that start in ${name}, I finish in time` : `No way on from ${name} is drawn yet.`}
        </span>
      </p>
      <div className="min-h-7" data-margin={margin ? `${margin.low} ${margin.high}` : undefined}>
        {margin && (
          <p>
            {sayBetween(margin)} <span className="text-soft">in 9 of 10 ways the chances could really be (default: 2 tries, typed: 8)</span>
          </p>
        )}
        {isReady && isDrawn && value === null && <Working what="Finding the margin" answer={{ ...answer, value }} />}
        {margin && value && <TypeFirst {...{ tree, filter, starts }} movers={value.toType} />}
        {!margin && !pending && value !== null && (
          <p className="text-soft">No margin by draws: at a place more than 64 combinations can be shown, and the rarest were left out.</p>
        )}
      </div>
    </>
  );
}
