'use client';
import { useRouter } from 'next/navigation';
import { Dialog } from 'radix-ui';
import { useState, type Dispatch } from 'react';
import { formatTreeFile } from '@/core/notation';
import { buttonClass } from '@/ui/Field';
import { plural } from '@/ui/figures';
import { mergeOnto, type BoardAction, type BoardState } from './boardState';

/** Told to a window whose copy is older than what is stored: what happened there, what is unsaved here, and three ways on. */
export function StaleDialog({ state, dispatch }: { state: BoardState; dispatch: Dispatch<BoardAction> }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const { stale, pending, tree } = state;
  if (!stale) return null;
  const { clashing } = mergeOnto(stale.tree, pending);

  const keepAsCopy = async () => {
    const response = await fetch('/api/trees', { method: 'POST', body: formatTreeFile({ ...tree, name: `${tree.name} (my copy)` }) }).catch(
      () => null,
    );
    if (!response?.ok) return setProblem('The copy could not be stored. Nothing is lost: both versions are still here.');
    const { treeId } = (await response.json()) as { treeId: string };
    dispatch({ type: 'takeTheirs' });
    router.push(`/board/${encodeURIComponent(treeId)}`);
  };

  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/40" />
        <Dialog.Content
          onEscapeKeyDown={(event) => event.preventDefault()}
          onPointerDownOutside={(event) => event.preventDefault()}
          className="fixed top-16 left-1/2 max-h-[80vh] w-[min(640px,94vw)] -translate-x-1/2 overflow-auto border-x-[3px] border-red bg-paper p-5"
        >
          <Dialog.Title className="text-[24px]">This tree was changed in another window</Dialog.Title>
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
                {pending.map((diff, i) => (
                  <li key={i} className={clashing.includes(diff) ? 'text-red' : ''}>
                    {diff.label}
                    {clashing.includes(diff) && ': touches the same place'}
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
            {pending.length > 0 && clashing.length === 0 && (
              <button type="button" autoFocus className={buttonClass} onClick={() => dispatch({ type: 'mineOnTop' })}>
                Put mine on top of theirs
              </button>
            )}
            {pending.length > 0 && (
              <button type="button" className={buttonClass} onClick={() => void keepAsCopy()}>
                Keep mine as a tree of its own
              </button>
            )}
            <button type="button" className={buttonClass} onClick={() => dispatch({ type: 'takeTheirs' })}>
              {pending.length > 0 ? `Take theirs, drop my ${plural(pending.length, 'edit')}` : 'Show it as it is now'}
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
