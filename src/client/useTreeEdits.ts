'use client';
import { useRef, useState } from 'react';
import type { Refusal, SaveOutcome } from '@/contracts/changes';
import { applyDiff, diffOf, invertDiff, type Diff, type TreeDocument } from '@/core/tree';
import { useUnloadGuard } from './useUnloadGuard';

export interface TreeEdits {
  readonly tree: TreeDocument;
  readonly isStored: boolean;
  readonly problem: string | null;
  /** What would be undone and done again next, in words; null = nothing. */
  readonly undoes: string | null;
  readonly redoes: string | null;
  /** Resolves to whether it is stored. */
  edit(label: string, change: (tree: TreeDocument) => TreeDocument): Promise<boolean>;
  undo(): void;
  redo(): void;
}

/** A tree edited in single steps, each stored before the next; made on a stale copy it is made again on the new one. */
export function useTreeEdits(opened: TreeDocument, revision: number): TreeEdits {
  const [tree, setTree] = useState(opened);
  const [busy, setBusy] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const [past, setPast] = useState<readonly Diff[]>([]);
  const [future, setFuture] = useState<readonly Diff[]>([]);
  const latest = useRef({ tree: opened, revision });
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  useUnloadGuard(busy > 0);

  /** The edit that was stored; null = nothing to store; false = not stored, and `problem` says why. */
  const store = async (label: string, change: (tree: TreeDocument) => TreeDocument): Promise<Diff | null | false> => {
    for (let tries = 0; tries < 3; tries++) {
      const before = latest.current;
      const after = change(before.tree);
      const diff = diffOf(before.tree, after, label);
      if (diff.changes.length === 0) return null;
      const response = await fetch(`/api/trees/${encodeURIComponent(before.tree.id)}/changes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ baseRevision: before.revision, diffs: [diff] }),
      });
      if (!response.ok && response.status !== 409) {
        setProblem(((await response.json()) as Refusal).problems.join(' '));
        return false;
      }
      const outcome = (await response.json()) as SaveOutcome;
      latest.current = { tree: outcome.saved ? after : outcome.tree, revision: outcome.revision };
      setTree(latest.current.tree);
      if (outcome.saved) {
        setProblem(null);
        return diff;
      }
    }
    setProblem('Somebody else keeps changing this tree. Nothing was added; try again.');
    return false;
  };

  const enqueue = (label: string, change: (tree: TreeDocument) => TreeDocument): Promise<Diff | null | false> => {
    setBusy((count) => count + 1);
    const stored = queue.current
      .then(() => store(label, change))
      .catch((): false => {
        setProblem('The server does not answer. Nothing was added; try again.');
        return false;
      })
      .finally(() => setBusy((count) => count - 1));
    queue.current = stored;
    return stored;
  };

  /** Takes the last edit off one pile, the other way round, and puts it on the other. */
  const turn = (diff: Diff | undefined, pop: typeof setPast, push: typeof setPast) => {
    if (!diff) return;
    const back = invertDiff(diff);
    let fits = true;
    const change = (now: TreeDocument): TreeDocument => {
      const applied = applyDiff(now, back);
      fits = applied.ok;
      return applied.ok ? applied.value : now;
    };
    void enqueue(diff.label, change).then((stored) => {
      if (!fits) setProblem('That place has been changed meanwhile; nothing was undone.');
      if (stored === false && fits) return;
      pop((list) => list.slice(0, -1));
      if (stored) push((list) => [...list, stored]);
    });
  };

  return {
    tree,
    isStored: busy === 0,
    problem,
    undoes: past.at(-1)?.label ?? null,
    redoes: future.at(-1)?.label ?? null,
    edit: async (label, change) => {
      const stored = await enqueue(label, change);
      if (stored) {
        setPast((list) => [...list.slice(-99), stored]);
        setFuture([]);
      }
      return stored !== false;
    },
    undo: () => turn(past.at(-1), setPast, setFuture),
    redo: () => turn(future.at(-1), setFuture, setPast),
  };
}
