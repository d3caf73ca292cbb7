'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { bringBackDocument, createDocument, deleteDocument } from '@/client/documents';
import type { Answer } from '@/client/api';
import { idToAddress } from '@/contracts/address';
import { dayAfter } from '@/core/classes';
import { NAME_LENGTH, type TreeDocument } from '@/core/tree';
import type { ClassDocument } from '@/documents/class/schema';
import { InlineName } from '@/ui/InlineName';
import { Select } from '@/ui/Select';

interface Props {
  readonly tree: TreeDocument;
  readonly plan: ClassDocument;
  readonly classes: readonly { readonly id: string; readonly name: string }[];
  readonly onRename: (name: string) => void;
}

/** Which class of the tree this is, and the way to another one, a new one, a copy. */
export function ClassChoice({ tree, plan, classes, onRename }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const [removed, setRemoved] = useState<string | null>(null);
  const go = (id: string | null) => router.push(`/class/${idToAddress(tree.id)}${id === null ? '' : `?class=${encodeURIComponent(id)}`}`);
  const made = (answer: Answer<{ id: string }>) => {
    if (answer.ok) go(answer.value.id);
    else setProblem(`${answer.problems.join(' ')} Nothing was made; try again.`);
  };
  const begin = async () => {
    const { slotMinutes, people, bothSides, warmUpMinutes, debriefMinutes, changeOverMinutes, group } = plan;
    const slot = { slotMinutes, people, bothSides, warmUpMinutes, debriefMinutes, changeOverMinutes, group };
    const fresh = { ...slot, id: 'class', name: 'New class', tree: tree.id, units: [] };
    made(await createDocument('class', fresh));
  };
  /** The same for next week: a day moves on by seven, and who stays away is asked anew. */
  const copy = async () => {
    const { fromCourse: _made, away: _away, pairs: _pairs, date, ...same } = plan;
    const next = date === undefined ? {} : { date: dayAfter(date, 7) };
    made(await createDocument('class', { ...same, ...next, name: `${plan.name}, copy`.slice(0, NAME_LENGTH) }));
  };
  const remove = async () => {
    const gone = await deleteDocument('class', plan.id);
    if (!gone.ok) return setProblem(`${gone.problems.join(' ')} Nothing was removed; try again.`);
    setRemoved(plan.id);
  };
  const bringBack = async () => {
    if (removed === null || !(await bringBackDocument('class', removed)).ok) return setProblem('It could not be brought back; try again.');
    setRemoved(null);
    router.refresh();
  };
  const button = 'min-h-9 underline';
  return (
    <div className="mb-3 border-b border-hair pb-2">
      <InlineName label="Name of the class" value={plan.name} className="text-[19px]" onChange={onRename} />
      {classes.length > 1 && (
        <Select
          label="Another class of this tree"
          value={plan.id}
          options={classes.map(({ id, name }) => [id, id === plan.id ? plan.name : name] as const)}
          onChange={(id) => id !== undefined && go(id)}
        />
      )}
      <p className="flex flex-wrap gap-x-4 font-figure text-[15px]">
        <button type="button" className={button} onClick={() => void begin()}>
          New class
        </button>
        <button type="button" className={button} onClick={() => void copy()}>
          Copy it
        </button>
        {removed === null && (
          <button type="button" className={`${button} text-red`} onClick={() => void remove()}>
            Remove it
          </button>
        )}
      </p>
      {removed !== null && (
        <p role="status" className="border-l-[3px] border-red pl-2">
          This class was removed.{' '}
          <button type="button" className={button} onClick={() => void bringBack()}>
            Bring it back
          </button>{' '}
          <button type="button" className={button} onClick={() => go(null)}>
            Go to the others
          </button>
        </p>
      )}
      {problem !== null && (
        <p role="alert" className="text-red">
          {problem}
        </p>
      )}
    </div>
  );
}
