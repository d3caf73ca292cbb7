import { perObject } from '../base';
import { indexOf, type Fact, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { factEffectsOf } from './facts';

export interface MissingFact {
  readonly transition: TransitionId;
  readonly fact: Fact;
  /** Transitions from a start to the place, along which the fact is not made or is undone again. */
  readonly witness: readonly TransitionId[];
  /** No transition of the tree and no start makes it. */
  readonly neverMade: boolean;
}
export interface CertainFacts {
  /** Facts, holds of the steps among them, that hold at a reachable position whichever way it was reached. */
  readonly certain: ReadonlyMap<PositionId, ReadonlySet<Fact>>;
  readonly missing: readonly MissingFact[];
  /** A way from a start to a reachable position on which a fact that is not certain there does not hold. */
  witnessOf(position: PositionId, fact: Fact): TransitionId[];
}

/** What is known of a position: the facts that still hold on every way seen, and for each lost one the last step of such a way. */
interface Known {
  readonly facts: Set<Fact>;
  /** The transition that first led here without it (null = a start); for facts in neither map, `first`. */
  readonly lost: Map<Fact, TransitionId | null>;
  readonly first: TransitionId | null;
}

/**
 * Must-analysis of needs / makes / undoes and of the contacts of the steps (MODEL §3): greatest fixed point of
 * certain(p) = ∩ over reachable incoming t of (certain(from t) ∖ undoes ∪ makes); at a start only what is given there.
 * A move whose steps are not written keeps what was held. A position not reached yet stands for "all facts", so only facts
 * of the ways so far are stored; a worklist only ever removes: O(facts × transitions).
 */
export const findCertainFacts = perObject((tree: TreeDocument): CertainFacts => {
  const index = indexOf(tree);
  const effects = factEffectsOf(tree);
  const known = new Map<PositionId, Known>();
  const open: PositionId[] = [];
  const queued = new Set<PositionId>();
  const touch = (id: PositionId): void => {
    if (queued.has(id)) return;
    queued.add(id);
    open.push(id);
  };
  const arrive = (id: PositionId, facts: ReadonlySet<Fact>, via: TransitionId | null): void => {
    const here = known.get(id);
    if (!here) {
      known.set(id, { facts: new Set(facts), lost: new Map(), first: via });
      return touch(id);
    }
    for (const fact of here.facts) {
      if (facts.has(fact)) continue;
      here.facts.delete(fact);
      here.lost.set(fact, via);
      touch(id);
    }
  };
  tree.starts.forEach((start, i) => arrive(start.position, effects.given[i]!, null));
  for (let i = 0; i < open.length; i++) {
    const at = open[i]!;
    queued.delete(at);
    const { facts } = known.get(at)!;
    for (const move of index.from.get(at) ?? []) {
      const after = new Set(effects.makesOf(move));
      for (const fact of facts) if (!effects.ends(move, fact)) after.add(fact);
      arrive(move.to, after, move.id);
    }
  }
  const witnessOf = (position: PositionId, fact: Fact): TransitionId[] => {
    const route: TransitionId[] = [];
    let at = position;
    for (;;) {
      const here = known.get(at);
      const via = here?.lost.has(fact) ? here.lost.get(fact)! : (here?.first ?? null);
      if (!here || here.facts.has(fact) || via === null) return route.reverse();
      route.push(via);
      const move = index.transitions.get(via)!;
      // Ended here: before it any way will do. Otherwise the fact was gone at `from` already, and earlier than here.
      if (effects.ends(move, fact)) return [...anyWayTo(tree, move.from), ...route.reverse()];
      at = move.from;
    }
  };
  const made = new Set<Fact>([
    ...effects.given.flatMap((facts) => [...facts]),
    ...tree.transitions.flatMap((move) => effects.makesOf(move)),
  ]);
  const missing = tree.transitions.flatMap((move) => {
    const here = known.get(move.from);
    if (!here) return [];
    const gone = effects.needsOf(move).filter((fact) => !here.facts.has(fact));
    return gone.map((fact) => ({ transition: move.id, fact, witness: witnessOf(move.from, fact), neverMade: !made.has(fact) }));
  });
  return { certain: new Map([...known].map(([id, { facts }]) => [id, facts])), missing, witnessOf };
});

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
