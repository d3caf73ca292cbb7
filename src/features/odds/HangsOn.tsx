import { useMemo, useState } from 'react';
import type { Defence, Load, OddsQuestion } from '@/core/odds';
import type { Filter } from '@/core/lens';
import type { TreeDocument } from '@/core/tree';
import { defenceLine, loadLine, type LoadLine } from '@/core/words';
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

const LISTS = {
  loads: {
    title: 'What everything hangs on',
    lead: 'What 100 rounds, over all your guards alike, lose without it.',
    ask: 'Try without each',
    none: 'Nothing hangs on one move alone.',
    lines: (tree: TreeDocument, found: readonly (Load | Defence)[]): LoadLine[] =>
      found.flatMap((item) => ('load' in item && item.load >= WORTH_A_LINE ? [loadLine(tree, item)] : [])),
  },
  defences: {
    title: 'From the other side: what to train first',
    lead: 'What holds you up most: how many more of 100 rounds you would finish, over all your guards alike, if it never came.',
    ask: 'Try without each show',
    none: 'No show holds you up by itself.',
    lines: (tree: TreeDocument, found: readonly (Load | Defence)[]): LoadLine[] =>
      found.flatMap((item) => ('worth' in item && item.worth >= WORTH_A_LINE ? [defenceLine(tree, item)] : [])),
  },
};

/** What is found by trying without each: what most hangs on first. `kind`: for the passer, or for the partner below. */
export function HangsOn({ kind, subject, filter, question, isReady: isFree, isAskedFor }: Props & { readonly kind: keyof typeof LISTS }) {
  const { title, lead, ask, none, lines: linesOf } = LISTS[kind];
  const [isWanted, setWanted] = useState(false);
  const isReady = isFree && (isWanted || !isAskedFor);
  const answer = useAnswer<'loads' | 'defences'>(subject, isReady ? { kind, look: { filter, swapped: false }, question } : null);
  const { of, asked } = answer;
  const value = answer.pending || answer.isCurrent ? answer.value : null;
  const lines = useMemo(() => {
    if (value === null || of === null || asked === null) return null;
    return linesOf(spokenTree(of, subject.book, asked.look.filter), value);
  }, [value, of, asked, subject.book, linesOf]);
  return (
    <section aria-label={title} className="mt-5" aria-busy={answer.pending}>
      <h2 className="text-[19px]">{title}</h2>
      <p className="text-soft">{lead}</p>
      {isAskedFor && !isWanted && <AskFirst what={ask} onAsk={() => setWanted(true)} />}
      {isReady && <Working what={`Finding ${title[0]!.toLowerCase()}${title.slice(1)}`} answer={{ ...answer, value }} />}
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
      {lines && lines.length === 0 && !answer.pending && <p className="text-soft">{none}</p>}
    </section>
  );
}
