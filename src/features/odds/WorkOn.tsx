import { useMemo } from 'react';
import { PRACTISED, type OddsQuestion, type WorkList } from '@/core/odds';
import type { Filter } from '@/core/lens';
import { adviceLine, inHundred, sayAlike, saySpread } from '@/core/words';
import { Working } from '@/client/Working';
import type { Asked } from '@/workers/questions';
import { useAnswer, type Answer, type Subject } from '@/workers/useAnswer';
import { DeskLine } from './DeskLine';
import { spokenTree } from './spokenTree';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
  readonly answer: Answer<WorkList, Asked<'advice'>>;
  /** Nothing more urgent is being computed. */
  readonly isReady: boolean;
}

const LISTED = 10;
/** Less than this, in [0, 1], would be told as nothing. */
const WORTH_A_LINE = 0.0005;

/** What to work on this week: gaps, branches to teach, moves to practise and shows to see in one list, what brings most first. */
export function WorkOn({ subject, filter, question, answer, isReady }: Props) {
  const { of, asked, pending, isCurrent } = answer;
  const value = pending || isCurrent ? answer.value : null;
  const items = useMemo(() => (value?.items ?? []).filter(({ worth }) => worth >= WORTH_A_LINE), [value]);
  const listed = useMemo(() => items.slice(0, LISTED), [items]);
  const look = useMemo(() => ({ filter, swapped: false }), [filter]);
  const sure = useAnswer<'closeness'>(
    subject,
    isReady && isCurrent && listed.length > 1 ? { kind: 'closeness', look, question, items: listed } : null,
  );
  const closeness = sure.isCurrent ? sure.value : null;
  const lines = useMemo(() => {
    if (value === null || of === null || asked === null) return null;
    const tree = spokenTree(of, subject.book, asked.look.filter);
    return listed.map((advice) => adviceLine(tree, advice));
  }, [value, listed, of, asked, subject.book]);
  const more = items.length - listed.length + (value?.ranked ?? 0);
  return (
    <section aria-label="What to work on" className="mt-5" aria-busy={pending}>
      <h2 className="text-[19px]">What to work on</h2>
      <p className="text-soft">
        What each would add to 100 rounds, over all your guards alike. An answer: as if he could not show it. Practice: if the move worked{' '}
        {inHundred(PRACTISED)} more often.
        {closeness && ' Below it: between which figures it lies in 9 of 10 ways the chances could really be.'}
      </p>
      <Working what="Trying each" answer={{ ...answer, value }} />
      {lines && value && (
        <ol className="mt-1">
          {lines.map((line, i) => (
            <DeskLine
              key={`${line.todo} ${line.position} ${line.of}`}
              treeId={subject.tree.id}
              {...{ filter, position: line.position, of: line.of, figure: line.worth }}
              {...(closeness ? { note: saySpread(closeness.spreads[i]!) } : {})}
            >
              {line.todo} <strong className="font-semibold">{line.what}</strong> <span className="text-soft">at {line.place}</span>
            </DeskLine>
          ))}
        </ol>
      )}
      {lines && lines.length === 0 && !pending && <p className="text-soft">Nothing that is drawn here would change the figure.</p>}
      {lines && more > 0 && lines.length > 0 && <p className="text-soft">and {more} more that add less.</p>}
      {closeness && <p>{sayAlike(closeness)}</p>}
      {isReady && isCurrent && listed.length > 1 && !sure.isCurrent && (
        <Working what="Finding how sure the order is" answer={{ ...sure, value: null }} />
      )}
    </section>
  );
}
