import { useMemo, useState } from 'react';
import type { Filter } from '@/core/lens';
import type { Choice, OddsQuestion } from '@/core/odds';
import type { TreeDocument } from '@/core/tree';
import { explainedLines, sayTogether } from '@/core/words';
import { Working } from '@/client/Working';
import { useAnswer, type Subject } from '@/workers/useAnswer';

interface Props {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
  /** As it is spoken of. */
  readonly tree: TreeDocument;
  readonly position: string;
  readonly choice: Choice;
}

/** The arithmetic of what is best at a show, when it is asked for. */
export function HowItComes({ subject, filter, question, tree, position, choice }: Props) {
  const [isOpen, setOpen] = useState(false);
  const { best, shown } = choice;
  const asked = useMemo(
    () => (isOpen ? { kind: 'explained' as const, look: { filter, swapped: false }, question, position, transition: best, shown } : null),
    [isOpen, filter, question, position, best, shown],
  );
  const answer = useAnswer<'explained'>(subject, asked);
  const found = answer.isCurrent ? answer.value : null;
  return (
    <>
      <button type="button" aria-expanded={isOpen} className="min-h-6 text-[13px] text-soft underline" onClick={() => setOpen(!isOpen)}>
        {isOpen ? 'Enough' : 'How it comes about'}
      </button>
      {isOpen && !answer.isCurrent && <Working what="Adding it up" answer={{ ...answer, value: null }} />}
      {isOpen && found && (
        <ul className="text-[13px]">
          {explainedLines(tree, found).map(({ what, sum }) => (
            <li key={what} className="flex justify-between gap-3">
              <span>{what}</span>
              <span className="shrink-0 text-soft">{sum}</span>
            </li>
          ))}
          <li className="border-t border-hair font-semibold">{sayTogether(found, question.roundSeconds)}</li>
        </ul>
      )}
    </>
  );
}
