'use client';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { buttonClass } from '@/ui/Field';
import { plural } from '@/core/words';
import { createDocument } from '../documents';
import { mergedOnto, type DocumentState, type Named } from './documentState';
import type { Session } from './session';

export interface StaleProps<D extends Named> {
  /** What it is, as a coach says it: "tree". */
  readonly what: string;
  readonly state: DocumentState<D>;
  readonly session: Session<D>;
  /** Mine was kept as a document of its own; absent = it cannot be. */
  readonly onCopied?: (id: string) => void;
}

/** Told to a window whose copy is older than what is stored: what happened there, what is unsaved here, and three ways on. */
export function StaleChoice<D extends Named>({ what, state, session, onCopied }: StaleProps<D>) {
  const [problem, setProblem] = useState<string | null>(null);
  const { stale, pending, document, kind } = state;
  if (!stale) return null;
  const clashing = new Set(mergedOnto(state, stale.document).clashing.map((edit) => edit.id));

  const keepAsCopy = async () => {
    const made = await createDocument(kind, { ...document, name: `${document.name} (my copy)`.slice(0, 160) });
    if (!made.ok) return setProblem('The copy could not be stored. Nothing is lost: both versions are still here.');
    session.dispatch({ type: 'takeTheirs' });
    onCopied?.(made.value.id);
  };

  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/40" />
        <Dialog.Content
          onEscapeKeyDown={(event) => event.preventDefault()}
          onPointerDownOutside={(event) => event.preventDefault()}
          className="fixed top-16 left-1/2 max-h-[80vh] w-[min(640px,94vw)] -translate-x-1/2 overflow-auto border-x-[3px] border-red bg-paper p-5 break-words"
        >
          <Dialog.Title className="text-[24px]">This {what} was changed in another window</Dialog.Title>
          <Dialog.Description>Nothing is lost. Choose what this window should go on with.</Dialog.Description>
          <div className="mt-3 grid gap-4 sm:grid-cols-2">
            <section>
              <h3 className="text-[15px] tracking-wide uppercase">Changed there</h3>
              <ul>
                {stale.since.map((change) => (
                  <li key={change.revision}>
                    {change.label}
                    {change.madeBy && <span className="text-soft">, {change.madeBy}</span>}
                  </li>
                ))}
              </ul>
            </section>
            <section>
              <h3 className="text-[15px] tracking-wide uppercase">Not yet stored here</h3>
              {pending.length === 0 && <p>Nothing.</p>}
              <ul>
                {pending.map(({ id, diff }) => (
                  <li key={id} className={clashing.has(id) ? 'text-red' : ''}>
                    {diff.label}
                    {clashing.has(id) && ': touches the same place'}
                  </li>
                ))}
              </ul>
            </section>
          </div>
          {problem && (
            <p role="alert" className="mt-2 text-red">
              {problem}
            </p>
          )}
          <div className="mt-4 flex flex-wrap gap-3">
            {pending.length > 0 && clashing.size === 0 && (
              <button type="button" autoFocus className={buttonClass} onClick={() => session.dispatch({ type: 'mineOnTop' })}>
                Put mine on top of theirs
              </button>
            )}
            {pending.length > 0 && clashing.size > 0 && clashing.size < pending.length && (
              <button type="button" autoFocus className={buttonClass} onClick={() => session.dispatch({ type: 'mineOnTop' })}>
                Take theirs where both changed the same, keep the rest of mine
              </button>
            )}
            {pending.length > 0 && onCopied && (
              <button type="button" className={buttonClass} onClick={() => void keepAsCopy()}>
                Keep mine as a {what} of its own
              </button>
            )}
            <button type="button" className={buttonClass} onClick={() => session.dispatch({ type: 'takeTheirs' })}>
              {pending.length > 0 ? `Take theirs, drop my ${plural(pending.length, 'edit')}` : 'Show it as it is now'}
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
