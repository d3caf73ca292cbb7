import { useMemo, useState } from 'react';
import { KNOWING_QUESTION, type OddsQuestion } from '@/core/odds';
import type { Filter } from '@/core/lens';
import type { DilemmaLine } from '@/core/words';
import { Working } from '@/client/Working';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import { AskFirst } from './AskFirst';
import { DeskLine } from './DeskLine';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
  /** Nothing more urgent is being computed. */
  readonly isReady: boolean;
  /** The tree is so large that it is found only when it is asked for. */
  readonly isAskedFor: boolean;
}

/** Which two threats are a dilemma: asked of one who knows the game, whatever the desk asks. */
export function Dilemmas({ subject, filter, question, isReady: isFree, isAskedFor }: Props) {
  const [isWanted, setWanted] = useState(false);
  const isReady = isFree && (isWanted || !isAskedFor);
  const asked = useMemo(
    () => (question.ask === 'knowing' ? question : { ...KNOWING_QUESTION, roundSeconds: question.roundSeconds }),
    [question],
  );
  const answer = useAnswer<'dilemmas'>(subject, isReady ? { kind: 'dilemmas', look: { filter, swapped: false }, question: asked } : null);
  const value = answer.pending || answer.isCurrent ? answer.value : null;
  const line = (item: DilemmaLine) => (
    <DeskLine
      key={`${item.position} ${item.a} ${item.b}`}
      treeId={subject.tree.id}
      {...{ filter, position: item.position, of: null, note: item.why }}
      figure={item.isReal ? item.strength : '–'}
    >
      <strong className="font-semibold">{item.a}</strong> or <strong className="font-semibold">{item.b}</strong>{' '}
      <span className="text-soft">at {item.place}</span>
    </DeskLine>
  );
  return (
    <section aria-label="Dilemmas" className="mt-5" aria-busy={answer.pending}>
      <h2 className="text-[19px]">Two threats at once</h2>
      <p className="text-soft">What having both adds to 100 exchanges there, over the better of the two alone, if he knows your game.</p>
      {isAskedFor && !isWanted && <AskFirst what="Weigh every pair" onAsk={() => setWanted(true)} />}
      {isReady && <Working what="Weighing every pair" answer={{ ...answer, value }} />}
      {value && value.structural.length > 0 && (
        <>
          <h3 className="mt-2 text-[15px] font-semibold">Stopping either opens the other</h3>
          <ol>{value.structural.map(line)}</ol>
        </>
      )}
      {value && value.others.length > 0 && (
        <>
          <h3 className="mt-2 text-[15px] font-semibold">{value.structural.length > 0 ? 'Other pairs' : 'The strongest pairs'}</h3>
          <ol>{value.others.map(line)}</ol>
        </>
      )}
      {value && value.structural.length + value.others.length === 0 && (
        <p className="text-soft">No two options at one place add anything to each other yet.</p>
      )}
    </section>
  );
}
