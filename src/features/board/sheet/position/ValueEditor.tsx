'use client';
import type { Dispatch } from 'react';
import { fitOf, indexOf, withoutValue, withValue, type Position, type Read, type TreeDocument, type Value } from '@/core/tree';
import { EQUAL_PART, plural, SHARE_CHOICES } from '@/core/words';
import { InlineName } from '@/ui/InlineName';
import { TextLine } from '@/ui/TextLine';
import type { BoardAction } from '../../boardState';
import { ChanceSelect } from '@/client/ChanceSelect';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly read: Read;
  readonly value: Value;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Rename, weigh, answer or remove one thing he shows. */
export function ValueEditor({ tree, position, read, value, dispatch }: Props) {
  const at = { position: position.id, read: read.id, value: value.id };
  const edit = (label: string, patch: Partial<Value>) =>
    dispatch({ type: 'edit', label: `${value.name}: ${label}`, tree: withValue(tree, position.id, { ...value, ...patch }) });
  const transitions = indexOf(tree).from.get(position.id)!;
  const named = transitions.filter((transition) => fitOf(transition, read.id, value.id) !== 'silent').length;
  return (
    <div className="mb-2 grid gap-2 border-l-2 border-hair pl-2">
      <InlineName label="Words for what he does" value={value.name} onChange={(name) => edit('renamed', { name })} />
      <TextLine
        label="What one sees"
        value={value.cue ?? ''}
        hint="his elbow straightens"
        onChange={(cue) => edit('cue', { cue: cue === '' ? undefined : cue })}
      />
      <ChanceSelect
        label="How often"
        value={value.share}
        byDefault={EQUAL_PART}
        choices={SHARE_CHOICES}
        onChange={(share) => edit('share', { share })}
      />
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          checked={value.unsure ?? false}
          onChange={(event) => edit('wording', { unsure: event.target.checked || undefined })}
        />
        Not sure of the words yet
      </label>
      <div className="flex flex-wrap gap-x-4">
        <button type="button" className="min-h-9 underline" onClick={() => dispatch({ type: 'caret', caret: { kind: 'answer', ...at } })}>
          I … (another answer)
        </button>
        <button
          type="button"
          className="min-h-9 text-his underline"
          onClick={() => dispatch({ type: 'caret', caret: { kind: 'fall', ...at } })}
        >
          he … (what it costs)
        </button>
        <button
          type="button"
          className="min-h-9 text-red underline"
          onClick={() => dispatch({ type: 'edit', label: `${value.name} removed`, tree: withoutValue(tree, position.id, value.id) })}
        >
          Remove{named > 0 && `; ${plural(named, 'move names', 'moves name')} it`}
        </button>
      </div>
    </div>
  );
}
