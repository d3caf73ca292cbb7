import { err, ok, type Result } from '../base';
import { isGoal, type Ending, type PositionId, type TreeDocument } from '../tree';
import { LinearRows } from './steady/linearRows';

/** How often play went from a place to another, or how it ended there without reaching one. */
export interface Observation {
  readonly from: PositionId;
  /** A place, or null: time ran out there. */
  readonly to: PositionId | null;
  /** Whole, ≥ 0. */
  readonly count: number;
}
export interface ObservedStart {
  readonly position: PositionId;
  /** Exchanges that were seen to begin there; 0 = no data. */
  readonly seen: number;
  /** Null = no data. Chances in [0, 1]; with `timeUp` and `noData` they sum to 1. */
  readonly outlook: null | {
    readonly endings: readonly { readonly ends: Ending; readonly goal: boolean; readonly chance: number }[];
    readonly timeUp: number;
    /** Came to a place from which nothing was seen. */
    readonly noData: number;
    readonly visits: readonly { readonly position: PositionId; readonly visits: number }[];
  };
}
/** What is wrong with observations: the place that is named, or the places that no round was seen to leave. */
export type ObservedError =
  | { readonly code: 'odds/no-such-place'; readonly at: number; readonly id: string }
  | { readonly code: 'odds/never-left'; readonly positions: readonly PositionId[] };

interface Chain {
  readonly rows: LinearRows;
  readonly seen: Float64Array;
  /** By state: places, then time up; of those where a round ends. */
  readonly states: number;
}

/** As it happened (MODEL §4, question 3): counts as chances, each place where nothing was seen an end of its own. */
function chainOf(tree: TreeDocument, observations: readonly Observation[]): { chain: Chain; next: Map<number, number>[] } {
  const at = new Map(tree.positions.map(({ id }, i) => [id, i]));
  const size = tree.positions.length;
  const next = Array.from({ length: size }, () => new Map<number, number>());
  const seen = new Float64Array(size);
  for (const { from, to, count } of observations) {
    const state = at.get(from)!;
    // Where it ends, nothing goes on.
    if (tree.positions[state]!.ends || count === 0) continue;
    const target = to === null ? size : at.get(to)!;
    next[state]!.set(target, (next[state]!.get(target) ?? 0) + count);
    seen[state]! += count;
  }
  const rows = new LinearRows(size + 1);
  next.forEach((targets, state) => {
    if (targets.size === 0) return;
    rows.begin(state);
    for (const [target, count] of targets) rows.add(target, count / seen[state]!);
    rows.end();
  });
  return { chain: { rows, seen, states: size + 1 }, next };
}

/** Places from which no end was seen to be reached, whatever comes. */
function neverLeft(next: readonly ReadonlyMap<number, number>[]): number[] {
  const into = new Map<number, number[]>();
  next.forEach((targets, state) => targets.forEach((_, target) => into.set(target, [...(into.get(target) ?? []), state])));
  const leaves = new Set<number>([next.length, ...next.flatMap((targets, state) => (targets.size === 0 ? [state] : []))]);
  const queue = [...leaves];
  while (queue.length > 0)
    for (const state of into.get(queue.pop()!) ?? [])
      if (!leaves.has(state)) {
        leaves.add(state);
        queue.push(state);
      }
  return next.flatMap((_, state) => (leaves.has(state) ? [] : [state]));
}

/**
 * What counts say of each start: an absorbing Markov chain (Kemeny & Snell 1960). Places without observations say "no data", and so
 * does what comes to one. Pre: counts are whole and not negative.
 */
export function findObserved(tree: TreeDocument, observations: readonly Observation[]): Result<readonly ObservedStart[], ObservedError> {
  const known = new Set(tree.positions.map(({ id }) => id));
  for (const [at, { from, to }] of observations.entries())
    for (const id of to === null ? [from] : [from, to]) if (!known.has(id)) return err({ code: 'odds/no-such-place', at, id });
  const { chain, next } = chainOf(tree, observations);
  const stuck = neverLeft(next);
  if (stuck.length > 0) return err({ code: 'odds/never-left', positions: stuck.map((state) => tree.positions[state]!.id) });
  return ok(tree.starts.map(({ position }) => observedFrom(tree, chain, position)));
}

function observedFrom(tree: TreeDocument, { rows, seen, states }: Chain, position: PositionId): ObservedStart {
  const start = tree.positions.findIndex(({ id }) => id === position);
  if (seen[start] === 0) return { position, seen: 0, outlook: null };
  const came = rows.visits([start], states);
  const endings = new Map<Ending, number>();
  let noData = 0;
  tree.positions.forEach(({ ends }, state) => {
    if (seen[state]! > 0 || came[state] === 0) return;
    if (ends) endings.set(ends, (endings.get(ends) ?? 0) + came[state]!);
    else noData += came[state]!;
  });
  return {
    position,
    seen: seen[start]!,
    outlook: {
      endings: [...endings].map(([ends, chance]) => ({ ends, goal: isGoal(tree, ends), chance })),
      timeUp: came[states - 1]!,
      noData,
      visits: tree.positions.flatMap(({ id }, state) =>
        seen[state]! > 0 && came[state]! > 0 ? [{ position: id, visits: came[state]! }] : [],
      ),
    },
  };
}
