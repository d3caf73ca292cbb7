import {
  familyFacts,
  goalsOf,
  graphOf,
  indexOf,
  landingsOf,
  landsAt,
  ownerOptions,
  type PositionId,
  type TransitionId,
  type TreeDocument,
} from '../../tree';
import { breadthFirst, FAR } from '../../graph';

/** A path of transitions, each starting where the one before it lands. */
export type Branch = readonly TransitionId[];

/** Steps from each position to the nearest goal over the owner's transitions; FAR = none leads there. */
function stepsToGoal(tree: TreeDocument): (id: PositionId) => number {
  const { previous, numberOf } = graphOf(tree, { ownerOnly: true, stopAtEndings: true });
  const { steps } = breadthFirst(previous, goalsOf(tree));
  return (id) => steps[numberOf.get(id)!]!;
}

/**
 * The branches a coach can choose from: every owner transition out of a start or a hub, carried on by the shortest
 * way (higher priority, then document order) to the settled end. A transition that reaches no goal stands alone.
 */
export function findBranches(tree: TreeDocument): { start: PositionId; branch: Branch }[] {
  const index = indexOf(tree);
  const stepsFrom = stepsToGoal(tree);
  const starts = new Set(tree.starts.map((start) => start.position));
  const positions = tree.positions.filter((position) => !position.ends && (starts.has(position.id) || familyFacts(position.family).isHub));
  const carriedOn = (first: TransitionId): Branch => {
    const branch = [first];
    let at = index.transitions.get(first)!.to;
    while (stepsFrom(at) > 0 && stepsFrom(at) < FAR) {
      const nearer = stepsFrom(at) - 1;
      const isNearer = (id: PositionId): boolean => stepsFrom(id) === nearer;
      const best = ownerOptions(index, at)
        .filter((transition) => landingsOf(transition).some(isNearer))
        .sort((a, b) => (b.priority ?? 0) - (a.priority ?? 0))[0]!;
      branch.push(best.id);
      at = landingsOf(best).find(isNearer)!;
    }
    return branch;
  };
  return positions.flatMap((position) =>
    ownerOptions(index, position.id).map((transition) => ({ start: position.id, branch: carriedOn(transition.id) })),
  );
}

/** Whether the ids still form a path in the tree; a branch chosen earlier may have been edited away. */
export function isBranch(tree: TreeDocument, branch: Branch): boolean {
  const transitions = branch.map((id) => indexOf(tree).transitions.get(id));
  return transitions.every(
    (transition, i) => transition !== undefined && (i === 0 || (transitions[i - 1] && landsAt(transitions[i - 1]!, transition.from))),
  );
}
