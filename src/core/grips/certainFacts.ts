import { indexOf, type Fact, type PositionId, type TransitionId, type TreeDocument } from '../tree';

export interface MissingFact {
  readonly transition: TransitionId;
  readonly fact: Fact;
  /** Transitions from a start to the place, along which the fact is not made or is undone again. */
  readonly witness: readonly TransitionId[];
  /** No transition of the tree and no start makes it. */
  readonly neverMade: boolean;
}
export interface CertainFacts {
  /** Facts that hold at a reachable position whichever way it was reached. */
  readonly certain: ReadonlyMap<PositionId, ReadonlySet<Fact>>;
  readonly missing: readonly MissingFact[];
}

/** The last step of a way on which a fact does not hold; null = a start without it. */
interface Way {
  readonly via: TransitionId | null;
}

/**
 * Must-analysis of needs / makes / undoes (MODEL §3): greatest fixed point of
 * certain(p) = ∩ over reachable incoming t of (certain(from t) ∖ undoes ∪ makes); at a start only its declared facts.
 * Facts at which the intersection fails remember the transition that let them go, which gives the witness.
 * O(facts × transitions) by a worklist that only ever removes.
 */
export function findCertainFacts(tree: TreeDocument): CertainFacts {
  const index = indexOf(tree);
  const all = new Set<Fact>([
    ...tree.starts.flatMap((start) => start.facts ?? []),
    ...tree.transitions.flatMap((move) => [...(move.makes ?? []), ...(move.needs ?? [])]),
  ]);
  const made = new Set<Fact>([
    ...tree.starts.flatMap((start) => start.facts ?? []),
    ...tree.transitions.flatMap((move) => move.makes ?? []),
  ]);
  const certain = new Map<PositionId, Set<Fact>>();
  const lostBy = new Map<PositionId, Map<Fact, Way>>();
  const open: PositionId[] = [];
  const queued = new Set<PositionId>();
  const touch = (id: PositionId): void => {
    if (queued.has(id)) return;
    queued.add(id);
    open.push(id);
  };
  const keepOnly = (id: PositionId, holds: (fact: Fact) => boolean, via: TransitionId | null): void => {
    const known = certain.get(id);
    const facts = known ?? new Set(all);
    if (!known) {
      certain.set(id, facts);
      lostBy.set(id, new Map());
      touch(id);
    }
    for (const fact of facts) {
      if (holds(fact)) continue;
      facts.delete(fact);
      lostBy.get(id)!.set(fact, { via });
      touch(id);
    }
  };
  for (const start of tree.starts) keepOnly(start.position, (fact) => start.facts?.includes(fact) ?? false, null);
  for (let i = 0; i < open.length; i++) {
    const at = open[i]!;
    queued.delete(at);
    const here = certain.get(at)!;
    for (const move of index.from.get(at) ?? [])
      keepOnly(move.to, (fact) => (move.makes?.includes(fact) ?? false) || (here.has(fact) && !move.undoes?.includes(fact)), move.id);
  }
  const witnessOf = (position: PositionId, fact: Fact): TransitionId[] => {
    const route: TransitionId[] = [];
    let at = position;
    for (;;) {
      const way = lostBy.get(at)?.get(fact);
      if (!way || way.via === null) return route.reverse();
      route.push(way.via);
      const move = index.transitions.get(way.via)!;
      // Undone here: before it any way will do. Otherwise the fact was gone at `from` already, and earlier than here.
      if (move.undoes?.includes(fact)) return [...anyWayTo(tree, move.from), ...route.reverse()];
      at = move.from;
    }
  };
  const missing = tree.transitions.flatMap((move) =>
    certain.has(move.from)
      ? (move.needs ?? [])
          .filter((fact) => !certain.get(move.from)!.has(fact))
          .map((fact) => ({ transition: move.id, fact, witness: witnessOf(move.from, fact), neverMade: !made.has(fact) }))
      : [],
  );
  return { certain, missing };
}

/** A shortest way of transitions from a start, breadth-first; empty at a start. */
function anyWayTo(tree: TreeDocument, goal: PositionId): TransitionId[] {
  const index = indexOf(tree);
  const via = new Map<PositionId, TransitionId | null>(tree.starts.map((start) => [start.position, null]));
  const open = [...via.keys()];
  for (let i = 0; i < open.length && !via.has(goal); i++) {
    for (const move of index.from.get(open[i]!) ?? []) {
      if (via.has(move.to)) continue;
      via.set(move.to, move.id);
      open.push(move.to);
    }
  }
  const route: TransitionId[] = [];
  for (let at = goal, step = via.get(at); step; at = index.transitions.get(step)!.from, step = via.get(at)) route.push(step);
  return route.reverse();
}
