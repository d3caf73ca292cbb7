'use client';
import { useEffect, useState } from 'react';
import { readDocument } from '@/client/documents';
import type { TreeDocument } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { BoardScreen } from './BoardScreen';
import type { OpenedBoard } from './boardState';

type Props = Omit<OpenedBoard, 'tree' | 'revision'> & { readonly treeId: string; readonly name: string; readonly revision: number };

/** The board of a large tree: the page comes at once, the tree follows by itself, and is laid out in the worker. */
export function LargeBoard({ treeId, name, revision, ...opened }: Props) {
  const [read, setRead] = useState<{ readonly tree: TreeDocument; readonly revision: number } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    let current = true;
    void readDocument<TreeDocument>('tree', treeId, revision).then((answer) => {
      if (!current) return;
      if (answer.ok) setRead({ tree: answer.value.document, revision: answer.value.revision });
      else setProblem(answer.problems.join(' '));
    });
    return () => {
      current = false;
    };
  }, [treeId, revision, tries]);
  if (read) return <BoardScreen {...opened} tree={read.tree} revision={read.revision} />;
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
