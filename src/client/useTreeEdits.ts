'use client';
import { useRef, useState } from 'react';
import type { Refusal, SaveOutcome } from '@/contracts/changes';
import { diffOf, type TreeDocument } from '@/core/tree';

export interface TreeEdits {
  readonly tree: TreeDocument;
  readonly isStored: boolean;
  readonly problem: string | null;
  edit(label: string, change: (tree: TreeDocument) => TreeDocument): void;
}

/** A tree edited in single steps, each stored before the next; made on a stale copy it is made again on the new one. */
export function useTreeEdits(opened: TreeDocument, revision: number): TreeEdits {
  const [tree, setTree] = useState(opened);
  const [busy, setBusy] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const latest = useRef({ tree: opened, revision });
  const queue = useRef<Promise<void>>(Promise.resolve());

  const store = async (label: string, change: (tree: TreeDocument) => TreeDocument): Promise<void> => {
    for (let tries = 0; tries < 3; tries++) {
      const before = latest.current;
      const after = change(before.tree);
      const diff = diffOf(before.tree, after, label);
      if (diff.changes.length === 0) return;
      const response = await fetch(`/api/trees/${encodeURIComponent(before.tree.id)}/changes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ baseRevision: before.revision, diffs: [diff] }),
      });
      if (!response.ok && response.status !== 409) return setProblem(((await response.json()) as Refusal).problems.join(' '));
      const outcome = (await response.json()) as SaveOutcome;
      latest.current = { tree: outcome.saved ? after : outcome.tree, revision: outcome.revision };
      setTree(latest.current.tree);
      if (outcome.saved) return setProblem(null);
    }
    setProblem('Somebody else keeps changing this tree. Nothing was added; try again.');
  };

  return {
    tree,
    isStored: busy === 0,
    problem,
    edit: (label, change) => {
      setBusy((count) => count + 1);
      queue.current = queue.current
        .then(() => store(label, change))
        .catch(() => setProblem('The server does not answer. Nothing was added; try again.'))
        .finally(() => setBusy((count) => count - 1));
    },
  };
}
