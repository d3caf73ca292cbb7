import { useState, type Dispatch } from 'react';
import { withoutValue, withRead, type Position, type Read, type TreeDocument } from '@/core/tree';
import { READ_WORDS } from '@/core/words';
import { InlineName } from '@/ui/InlineName';
import type { BoardAction } from '../../boardState';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly read: Read;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Over the values of one read: what it is, whether it must be answered wholly, whether all of it is drawn. */
export function ReadHead({ tree, position, read, dispatch }: Props) {
  const [open, setOpen] = useState(false);
  const edit = (label: string, patch: Partial<Read>) =>
    dispatch({
      type: 'edit',
      label: `${position.name}, ${read.name}: ${label}`,
      tree: withRead(tree, position.id, { ...read, ...patch }),
    });
  const remove = () =>
    dispatch({
      type: 'edit',
      label: `${position.name}: ${read.name} removed`,
      tree: read.values.reduce((now, value) => withoutValue(now, position.id, value.id), tree),
    });
  const marks = read.complete ? ['all of it is drawn'] : [];
  const isReaction = read.kind === 'reaction';
  const wholly = (
    <label className="flex min-h-8 items-center gap-2">
      <input
        type="checkbox"
        checked={read.closed ?? false}
        onChange={(event) => edit('every value needs an answer', { closed: event.target.checked || undefined })}
      />
      Every value needs an answer
    </label>
  );
  return (
    <div className="mt-3 border-b border-hair">
      <button
        type="button"
        aria-expanded={open}
        className="min-h-7 text-left text-[13px] text-soft hover:underline"
        onClick={() => setOpen(!open)}
      >
        {read.kind === 'reaction' ? 'What he does' : read.name}
        {marks.length > 0 && `, ${marks.join(', ')}`}
      </button>
      {!isReaction && wholly}
      {open && (
        <div className="mb-1 grid gap-1 border-l-2 border-hair pl-2">
          <p className="text-[13px] text-soft">{READ_WORDS[read.kind]}</p>
          {read.kind !== 'reaction' && (
            <InlineName label="Name of the cue" value={read.name} onChange={(name) => edit('renamed', { name })} />
          )}
          {isReaction && wholly}
          <label className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              checked={read.complete ?? false}
              onChange={(event) => edit('all drawn', { complete: event.target.checked || undefined })}
            />
            All there is, is drawn
          </label>
          <button type="button" className="min-h-8 justify-self-start text-red underline" onClick={remove}>
            Remove it and its {read.values.length}
          </button>
        </div>
      )}
    </div>
  );
}
