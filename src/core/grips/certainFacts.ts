import { breadthFirst, mustAnalysis, wayTo, type FlowEdge } from '../graph';
import { perObject } from '../base';
import {
  graphOf,
  indexOf,
  landingsOf,
  landsAt,
  startsOf,
  type Fact,
  type PositionId,
  type Transition,
  type TransitionId,
  type TreeDocument,
} from '../tree';
import { factEffectsOf, type FactEffects } from './facts';

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

interface Move extends FlowEdge<Fact> {
  readonly transition: Transition;
}

type Known = ReadonlyMap<PositionId, NonNullable<ReturnType<typeof mustAnalysis<Fact, Move>>[number]>>;

/** The reached positions with what is certain there. */
function knownFacts(tree: TreeDocument, effects: FactEffects): Known {
  const index = indexOf(tree);
  const { numberOf } = graphOf(tree);
  const moveOf = (transition: Transition, to: PositionId): Move => ({
    transition,
    to: numberOf.get(to)!,
    after: (facts) => {
      const after = new Set(effects.makesOf(transition));
      for (const fact of facts) if (!effects.takesAway(transition, fact)) after.add(fact);
      return after;
    },
  });
  const edges = tree.positions.map((position) =>
    index.from.get(position.id)!.flatMap((transition) => landingsOf(transition).map((to) => moveOf(transition, to))),
  );
  const starts = tree.starts.map((start, i) => ({ node: numberOf.get(start.position)!, facts: effects.given[i]! }));
  const certain = mustAnalysis(edges, starts);
  return new Map(tree.positions.flatMap((position, i) => (certain[i] ? [[position.id, certain[i]] as const] : [])));
}

/** Back from a position along the way on which the fact was lost, or never made. */
function witnessIn(tree: TreeDocument, effects: FactEffects, known: Known, position: PositionId, fact: Fact): TransitionId[] {
  const route: TransitionId[] = [];
  let at = position;
  for (;;) {
    const here = known.get(at);
    const via = here?.lost.has(fact) ? here.lost.get(fact)! : here?.first;
    if (!here || here.facts.has(fact) || !via) return route.reverse();
    const transition = via.transition;
    route.push(transition.id);
    // Ended here: before it any way will do. Otherwise the fact was gone at `from` already, and earlier than here.
    if (effects.takesAway(transition, fact)) return [...anyRouteTo(tree, transition.from), ...route.reverse()];
    at = transition.from;
  }
}

/**
 * Must-analysis of needs / makes / undoes and of the contacts of the steps (MODEL §3). A move whose steps are not written
 * keeps what was held.
 */
export const findCertainFacts = perObject((tree: TreeDocument): CertainFacts => {
  const effects = factEffectsOf(tree);
  const known = knownFacts(tree, effects);
  const witnessOf = (position: PositionId, fact: Fact) => witnessIn(tree, effects, known, position, fact);
  const made = new Set<Fact>([
    ...effects.given.flatMap((facts) => [...facts]),
    ...tree.transitions.flatMap((transition) => effects.makesOf(transition)),
  ]);
  const missing = tree.transitions.flatMap((transition) => {
    const here = known.get(transition.from);
    if (!here) return [];
    const gone = effects.needsOf(transition).filter((fact) => !here.facts.has(fact));
    return gone.map((fact) => ({ transition: transition.id, fact, witness: witnessOf(transition.from, fact), neverMade: !made.has(fact) }));
  });
  return { certain: new Map([...known].map(([id, { facts }]) => [id, facts])), missing, witnessOf };
});

/** A shortest way of transitions from a start; empty at a start, and where none leads. */
function anyRouteTo(tree: TreeDocument, goal: PositionId): TransitionId[] {
  const index = indexOf(tree);
  const graph = graphOf(tree);
  const route = wayTo(breadthFirst(graph.next, startsOf(tree, graph)), graph.numberOf.get(goal)!).map((i) => graph.ids[i]!);
  return route.slice(1).map((to, i) => index.from.get(route[i]!)!.find((transition) => landsAt(transition, to))!.id);
}
