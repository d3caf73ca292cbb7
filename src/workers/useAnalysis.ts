'use client';
import { useEffect, useRef, useState } from 'react';
import type { Odds } from '@/core/odds';
import type { Findings } from '@/core/structure';
import type { TreeDocument } from '@/core/tree';
import { openAnalysis, type AnalysisClient } from './analysisClient';

export interface Analysis {
  readonly odds: Odds | null;
  readonly findings: Findings | null;
  /** The tree that the findings speak of: while a newer one is being looked at, an older one. */
  readonly of: TreeDocument | null;
  /** The figures belong to an older version of the tree and are being computed anew. */
  readonly pending: boolean;
  /** Milliseconds that the last odds took, asked to answered. */
  readonly tookMs: number;
  /** Stops a computation that takes too long; the next edit starts again. */
  cancel(): void;
}

interface Answer {
  readonly tree: TreeDocument;
  readonly roundSeconds: number;
  readonly odds: Odds;
  readonly findings: Findings;
  readonly tookMs: number;
}

/** Odds and findings of the tree, computed in a worker after each change; only the newest question is answered. */
export function useAnalysis(tree: TreeDocument, roundSeconds: number): Analysis {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [cancelled, setCancelled] = useState<TreeDocument | null>(null);
  const client = useRef<AnalysisClient | null>(null);

  useEffect(() => {
    let current = true;
    let busy = true;
    // A worker that is still busy with an older tree is ended rather than waited for.
    client.current ??= openAnalysis();
    const { remote } = client.current;
    const began = performance.now();
    void (async () => {
      const odds = await remote.odds(tree, roundSeconds);
      const tookMs = performance.now() - began;
      const findings = await remote.findings(tree);
      if (!current) return;
      setAnswer({ tree, roundSeconds, odds, findings, tookMs });
      busy = false;
    })();
    return () => {
      current = false;
      if (!busy) return;
      client.current?.close();
      client.current = null;
    };
  }, [tree, roundSeconds]);

  useEffect(() => () => client.current?.close(), []);

  return {
    odds: answer?.odds ?? null,
    findings: answer?.findings ?? null,
    of: answer?.tree ?? null,
    pending: cancelled !== tree && (answer?.tree !== tree || answer.roundSeconds !== roundSeconds),
    tookMs: answer?.tookMs ?? 0,
    cancel: () => {
      client.current?.close();
      client.current = null;
      setCancelled(tree);
    },
  };
}
