'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { readDocument } from '@/client/documents';
import { findSession } from '@/client/store/session';
import type { TreeDocument } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { BoardScreen } from './BoardScreen';
import type { OpenedBoard } from './boardState';

type Props = Omit<OpenedBoard, 'tree'> & { readonly treeId: string; readonly name: string };
interface Read {
  readonly tree: TreeDocument;
  readonly revision: number;
}
const never = () => () => undefined;

/** The tree as this window works on it, if it does already and nothing newer is stored. */
function workedOn(treeId: string, revision: number): Read | null {
  const state = findSession('tree', treeId)?.getState();
  return state && (state.pending.length > 0 || state.revision >= revision)
    ? { tree: state.base as TreeDocument, revision: state.revision }
    : null;
}

/**
 * The board's page comes at once and without the tree, which follows by itself and is drawn in the browser: a server that drew
 * it for everybody would keep everybody waiting.
 */
export function BoardLoader({ treeId, name, revision, ...opened }: Props) {
  const isBrowser = useSyncExternalStore(never, () => true, () => false); // prettier-ignore
  const [read, setRead] = useState<Read | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  const known = isBrowser ? (read ?? workedOn(treeId, revision)) : null;
  const isKnown = known !== null;
  useEffect(() => {
    if (isKnown) return;
    let current = true;
    void readDocument<TreeDocument>('tree', treeId, revision).then((answer) => {
      if (!current) return;
      if (answer.ok) setRead({ tree: answer.value.document, revision: answer.value.revision });
      else setProblem(answer.problems.join(' '));
    });
    return () => {
      current = false;
    };
  }, [isKnown, treeId, revision, tries]);
  if (known) return <BoardScreen {...opened} tree={known.tree} revision={known.revision} />;
  return (
    <main className="p-8">
      <h1 className="text-[29px] break-words">{name}</h1>
      {problem === null ? (
        <p role="status">Fetching the tree …</p>
      ) : (
        <>
          <p role="alert">{problem}</p>
          <button
            type="button"
            className={buttonClass}
            onClick={() => {
              setProblem(null);
              setTries(tries + 1);
            }}
          >
            Try again
          </button>
        </>
      )}
    </main>
  );
}
