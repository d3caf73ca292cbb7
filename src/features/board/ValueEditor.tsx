'use client';
import type { Dispatch } from 'react';
import { withoutValue, withValue, type Position, type Read, type TreeDocument, type Value } from '@/core/tree';
import { Field, selectClass } from '@/ui/Field';
import { inHundred } from '@/ui/figures';
import { InlineName } from '@/ui/InlineName';
import type { BoardAction } from './boardState';
import { SHARE_CHOICES } from './wording';

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
  const known = SHARE_CHOICES.some(([, share]) => share === value.share);
  return (
    <div className="mb-2 grid gap-2 border-l-2 border-hair pl-2">
      <InlineName label="Words for what he does" value={value.name} onChange={(name) => edit('renamed', { name })} />
      {value.cue && <p className="text-soft">Look for: {value.cue}.</p>}
      <Field label="How often">
        <select
          className={selectClass}
          value={value.share ?? ''}
          onChange={(event) => edit('share', { share: event.target.value === '' ? undefined : Number(event.target.value) })}
        >
          <option value="">not said: an equal part</option>
          {value.share !== undefined && !known && <option value={value.share}>coach’s guess, {inHundred(value.share)}</option>}
          {SHARE_CHOICES.map(([word, share]) => (
            <option key={word} value={share}>
              {word}, {inHundred(share)}
            </option>
          ))}
        </select>
      </Field>
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
          Remove
        </button>
      </div>
    </div>
  );
}
