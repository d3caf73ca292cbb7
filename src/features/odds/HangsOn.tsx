import { useMemo, useState } from 'react';
import type { OddsQuestion } from '@/core/odds';
import type { Filter } from '@/core/lens';
import { loadLine } from '@/core/words';
import { Working } from '@/client/Working';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import { AskFirst } from './AskFirst';
import { DeskLine } from './DeskLine';
import { spokenTree } from './spokenTree';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
  /** Nothing more urgent is being computed. */
  readonly isReady: boolean;
  /** The tree is so large that it is found only when it is asked for. */
  readonly isAskedFor: boolean;
}
/** Less than this, in [0, 1], would be told as nothing. */
const WORTH_A_LINE = 0.0005;

/** What everything hangs on: moves and places whose loss costs most. */
export function HangsOn({ subject, filter, question, isReady: isFree, isAskedFor }: Props) {
  const [isWanted, setWanted] = useState(false);
  const isReady = isFree && (isWanted || !isAskedFor);
  const answer = useAnswer<'loads'>(subject, isReady ? { kind: 'loads', look: { filter, swapped: false }, question } : null);
  const { of, asked } = answer;
  const value = answer.pending || answer.isCurrent ? answer.value : null;
  const lines = useMemo(() => {
    if (value === null || of === null || asked === null) return null;
    const tree = spokenTree(of, subject.book, asked.look.filter);
    return value.filter(({ load }) => load >= WORTH_A_LINE).map((load) => loadLine(tree, load));
  }, [value, of, asked, subject.book]);
  return (
    <section aria-label="What everything hangs on" className="mt-5" aria-busy={answer.pending}>
      <h2 className="text-[19px]">What everything hangs on</h2>
      <p className="text-soft">What 100 rounds, over all your guards alike, lose without it.</p>
      {isAskedFor && !isWanted && <AskFirst what="Try without each" onAsk={() => setWanted(true)} />}
      {isReady && <Working what="Trying without each" answer={{ ...answer, value }} />}
      {lines && (
        <ol className="mt-1">
          {lines.map((line) => (
            <DeskLine
              key={`${line.position} ${line.of}`}
              treeId={subject.tree.id}
              {...{ filter, position: line.position, of: line.of, figure: line.load }}
            >
              <strong className="font-semibold">{line.what}</strong> <span className="text-soft">{line.beside}</span>
            </DeskLine>
          ))}
        </ol>
      )}
      {lines && lines.length === 0 && !answer.pending && <p className="text-soft">Nothing hangs on one move alone.</p>}
    </section>
  );
}
