import * as Comlink from 'comlink';
import { findOdds, type Odds } from '@/core/odds';
import { findFindings, type Findings } from '@/core/structure';
import type { TreeDocument } from '@/core/tree';

const api = {
  odds: (tree: TreeDocument, roundSeconds: number): Odds => findOdds(tree, { roundSeconds }),
  findings: (tree: TreeDocument): Findings => findFindings(tree),
};
export type AnalysisApi = typeof api;

Comlink.expose(api);
