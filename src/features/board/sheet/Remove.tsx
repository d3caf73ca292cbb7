import { useContext, useMemo, useState } from 'react';
import { Working } from '@/client/Working';
import { movesOf, type Removed } from '@/core/findings';
import { findUsage } from '@/core/structure';
import type { TreeDocument } from '@/core/tree';
import { sayRemoval, sayShared } from '@/core/words';
import { buttonClass } from '@/ui/Field';
import { useAnswer } from '@/workers/useAnswer';
import { SubjectContext, type BoardSubject } from '../subject';

interface Props {
  readonly tree: TreeDocument;
  readonly removed: Removed;
  /** What the button says. */
  readonly words: string;
  readonly onRemove: () => void;
}

const LINK = 'min-h-9 justify-self-start text-left text-red underline';

/** Removes a place or a move; what several starts share says first what would be lost with it. */
export function Remove({ tree, removed, words, onRemove }: Props) {
  const at = useContext(SubjectContext);
  const [asking, setAsking] = useState(false);
  const starts = useMemo(() => {
    const usage = findUsage(tree);
    return ('position' in removed ? usage.positions.get(removed.position) : usage.transitions.get(removed.transition))?.length ?? 0;
  }, [tree, removed]);
  if (!asking || at === null)
    return (
      <button type="button" className={LINK} onClick={() => (starts > 1 && at !== null ? setAsking(true) : onRemove())}>
        {words}
      </button>
    );
  return <Effect {...{ tree, removed, words, onRemove, at }} onKeep={() => setAsking(false)} />;
}

function Effect({ tree, removed, words, onRemove, at, onKeep }: Props & { readonly at: BoardSubject; readonly onKeep: () => void }) {
  const answer = useAnswer<'effect'>(at.subject, { kind: 'effect', look: at.look, removed });
  const moves = useMemo(() => movesOf(tree, removed), [tree, removed]);
  const classes = at.classes
    .map(({ name, units }) => ({ name, lost: units.filter((of) => of.some((id) => moves.has(id))).length }))
    .filter(({ lost }) => lost > 0);
  return (
    <div role="group" aria-label="Before it is removed" className="grid gap-1 border-l-[3px] border-red pl-2">
      {answer.value ? (
        <>
          <p className="font-medium">{sayShared(answer.value.starts)}</p>
          {sayRemoval(answer.value, classes).map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
          <p className="text-soft">It can be undone.</p>
        </>
      ) : (
        <Working what="Seeing what would be lost" answer={answer} />
      )}
      <div className="flex flex-wrap gap-3">
        <button type="button" className={buttonClass} onClick={onKeep}>
          Keep it
        </button>
        <button type="button" className={LINK} onClick={onRemove}>
          {words}
        </button>
      </div>
    </div>
  );
}
