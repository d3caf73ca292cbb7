import { useEffect, useMemo, useRef, useState, type Dispatch } from 'react';
import type { WalkedRound } from '@/contracts/roundQuery';
import { indexOf, type TreeDocument } from '@/core/tree';
import { eventText, sayRoundEnd } from '@/core/words';
import { Working } from '@/client/Working';
import { StripButton } from '@/ui/StripButton';
import type { Look } from '@/workers/questions';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import type { BoardAction } from '../boardState';

interface Props {
  readonly subject: Subject;
  readonly look: Look;
  readonly round: WalkedRound;
  /** As it is looked at. */
  readonly tree: TreeDocument;
  readonly dispatch: Dispatch<BoardAction>;
  readonly onEnd: () => void;
}

/** A told round, walked on the board: one exchange after the other, each at its rung. */
export function RoundWalk({ subject, look, round, tree, dispatch, onEnd }: Props) {
  const { question, start, seed } = round;
  const asked = useMemo(() => ({ kind: 'round' as const, look, question, start, seed }), [look, question, start, seed]);
  const answer = useAnswer<'round'>(subject, asked);
  const [at, setAt] = useState(0);
  const told = answer.isCurrent ? answer.value : null;
  const count = told ? told.events.length + 1 : 0;
  const step = Math.min(at, Math.max(0, count - 1));
  const event = told?.events[step];
  const last = told?.events.at(-1);
  // The last step is where it ended.
  const position = event ? event.position : (last?.to ?? last?.position ?? start);
  // Only a step goes to its rung: whoever types something on the way is not taken from it by the round played anew.
  const gone = useRef(-1);
  useEffect(() => {
    if (!told || gone.current === step) return;
    gone.current = step;
    dispatch({ type: 'select', position });
  }, [told, position, step, dispatch]);
  const isDrawn = !event || indexOf(tree).positions.has(event.position);
  const text = event && isDrawn ? eventText(tree, event) : null;
  return (
    <section aria-label="One round" className="border-b-2 border-ink bg-tint px-4 py-1">
      {!answer.isCurrent && <Working what="Playing the round" answer={{ ...answer, value: null }} />}
      {told && (
        <div className="flex flex-wrap items-baseline gap-x-4">
          <span className="font-figure text-[15px] text-soft">
            step {step + 1} of {count}
          </span>
          <p role="status" className="min-w-0 flex-1 max-[900px]:order-last max-[900px]:basis-full">
            {text ? (
              <>
                <strong className="font-figure text-[17px] font-semibold">
                  {text.at} {text.place}
                </strong>{' '}
                {text.said.join(' ')}
              </>
            ) : (
              <strong className="font-figure text-[17px] font-semibold">{sayRoundEnd(told)}</strong>
            )}
          </p>
          <StripButton disabled={step === 0} onClick={() => setAt(step - 1)}>
            Back
          </StripButton>
          <StripButton disabled={step === count - 1} onClick={() => setAt(step + 1)}>
            Next
          </StripButton>
          <StripButton onClick={onEnd}>Leave the round</StripButton>
        </div>
      )}
      {answer.isCurrent && told === null && <p>This round cannot be played: a place has more than 64 shows.</p>}
    </section>
  );
}
