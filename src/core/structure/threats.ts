import {
  indexOf,
  isGoal,
  landingsOf,
  type PositionId,
  type TransitionId,
  type TreeDocument,
  type TreeIndex,
  reachablePositions,
} from '../tree';
import { filterTree } from '../lens';

/** A submission that the opponent has within one transition. */
export interface Threat {
  readonly position: PositionId;
  readonly transition: TransitionId;
}

/** An opponent's transition to a submission that is not the owner's, or of kind submission. */
export function threatsAt(index: TreeIndex, position: PositionId): Threat[] {
  return (index.from.get(position) ?? []).flatMap((transition) => {
    if (transition.actor !== 'opponent') return [];
    const submits = landingsOf(transition).some((id) => {
      const ends = index.positions.get(id)?.ends;
      return (ends === 'submission' || ends === 'submitted') && !isGoal(index.tree, ends);
    });
    return submits || transition.kind === 'submission' ? [{ position, transition: transition.id }] : [];
  });
}

/** Threats at every reachable position, in document order. Under a rule set: give the filtered tree. */
export function findThreats(tree: TreeDocument): Threat[] {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  return tree.positions.flatMap((position) => (reachable.has(position.id) ? threatsAt(index, position.id) : []));
}

/** Threats one transition from the positions of a route, in the order they are met. */
export function threatsAlong(tree: TreeDocument, route: readonly PositionId[]): Threat[] {
  const index = indexOf(tree);
  return [...new Set(route)].flatMap((position) => threatsAt(index, position));
}

export interface RouteThreat extends Threat {
  /** Rule sets of the tree that forbid it to everybody, by id; limits of age and level need an athlete and are left out. */
  readonly forbiddenBy: readonly string[];
}

/** Threats along a route, each with the rule sets under which it falls away (MODEL §2). */
export function threatsUnderRules(tree: TreeDocument, route: readonly PositionId[]): RouteThreat[] {
  const kept = (tree.ruleSets ?? []).map(({ id }) => ({
    id,
    left: new Set(threatsAlong(filterTree(tree, { ruleSet: id }).tree, route).map((threat) => threat.transition)),
  }));
  return threatsAlong(tree, route).map((threat) => ({
    ...threat,
    forbiddenBy: kept.filter(({ left }) => !left.has(threat.transition)).map(({ id }) => id),
  }));
}
