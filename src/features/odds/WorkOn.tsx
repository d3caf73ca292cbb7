import { useMemo } from 'react';
import { idToAddress } from '@/contracts/address';
import { queryOf } from '@/contracts/filterQuery';
import { PRACTISED, type Advice } from '@/core/odds';
import { isFiltering, viewTree, type Filter } from '@/core/lens';
import { treeInGym } from '@/core/people';
import { adviceLine, inHundred, type AdviceLine } from '@/core/words';
import { Working } from '@/client/Working';
import { PageLink } from '@/ui/PageLink';
import type { Asked } from '@/workers/questions';
import type { Answer, Subject } from '@/workers/useAnswer';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly answer: Answer<readonly Advice[], Asked<'advice'>>;
}

const LISTED = 12;
/** Less than this, in [0, 1], would be told as nothing. */
const WORTH_A_LINE = 0.0005;

function addressOf(treeId: string, filter: Filter, { position, of }: AdviceLine): string {
  const query = new URLSearchParams(queryOf(filter));
  query.set('at', position);
  if (of !== null) query.set('of', of);
  return `/board/${idToAddress(treeId)}?${query.toString()}`;
}

/** What to work on this week: gaps, branches to teach and moves to practise in one list, what brings most first. */
export function WorkOn({ subject, filter, answer }: Props) {
  const { book } = subject;
  const { value, of, asked } = answer;
  const lines = useMemo(() => {
    if (value === null || of === null || asked === null) return null;
    const whole = treeInGym(of, book);
    const tree = isFiltering(asked.look.filter) ? viewTree(whole, asked.look.filter, false).shown : whole;
    return value.filter(({ worth }) => worth >= WORTH_A_LINE).map((advice) => adviceLine(tree, advice));
  }, [value, of, asked, book]);
  return (
    <section aria-label="What to work on" className="mt-5" aria-busy={answer.pending}>
      <h2 className="text-[19px]">What to work on</h2>
      <p className="text-soft">
        What each would add to 100 rounds, over all your guards alike. An answer: as if he could not show it. Practice: if the move worked{' '}
        {inHundred(PRACTISED)} more often.
      </p>
      <Working what="Trying each" answer={answer} />
      {lines && (
        <ol className="mt-1">
          {lines.slice(0, LISTED).map((line) => (
            <li key={`${line.todo} ${line.position} ${line.of}`} className="flex items-baseline gap-3 border-t border-hair py-1">
              <span className="w-12 shrink-0 text-right font-figure text-[17px] font-semibold">{line.worth}</span>
              <PageLink className="min-h-8 flex-1 hover:underline" href={addressOf(subject.tree.id, filter, line)}>
                {line.todo} <strong className="font-semibold">{line.what}</strong> <span className="text-soft">at {line.place}</span>
              </PageLink>
            </li>
          ))}
        </ol>
      )}
      {lines && lines.length === 0 && !answer.pending && <p className="text-soft">Nothing that is drawn here would change the figure.</p>}
      {lines && lines.length > LISTED && <p className="text-soft">and {lines.length - LISTED} more that add less.</p>}
    </section>
  );
}
