import { indexOf, isGoal, ownerOptions, type PositionId, type TransitionId, type TreeDocument } from '../tree';

/** A path of transitions, each starting where the one before it lands. */
export type Branch = readonly TransitionId[];

/** Steps from each position to the nearest goal over the owner's transitions; absent = none. Breadth-first from the goals. */
function stepsToGoal(tree: TreeDocument): ReadonlyMap<PositionId, number> {
  const index = indexOf(tree);
  const steps = new Map<PositionId, number>();
  const open = tree.positions.filter((position) => position.ends && isGoal(tree, position.ends)).map((position) => position.id);
  for (const id of open) steps.set(id, 0);
  for (let i = 0; i < open.length; i++) {
    for (const move of index.to.get(open[i]!) ?? []) {
      if (move.actor !== 'owner' || steps.has(move.from) || index.positions.get(move.from)!.ends) continue;
      steps.set(move.from, steps.get(open[i]!)! + 1);
      open.push(move.from);
    }
  }
  return steps;
}

/**
 * The branches a coach can choose from: every owner transition out of a start or a hub, carried on by the shortest
 * way (higher priority, then document order) to the settled end. A transition that reaches no goal stands alone.
 */
export function findBranches(tree: TreeDocument): { start: PositionId; branch: Branch }[] {
  const index = indexOf(tree);
  const steps = stepsToGoal(tree);
  const starts = new Set(tree.starts.map((start) => start.position));
  const places = tree.positions.filter((position) => !position.ends && (starts.has(position.id) || position.family === 'hub'));
  const carriedOn = (first: TransitionId): Branch => {
    const branch = [first];
    let at = index.transitions.get(first)!.to;
    while ((steps.get(at) ?? 0) > 0) {
      const best = ownerOptions(index, at)
        .filter((move) => steps.get(move.to) === steps.get(at)! - 1)
        .sort((a, b) => (b.priority ?? 0) - (a.priority ?? 0))[0]!;
      branch.push(best.id);
      at = best.to;
    }
    return branch;
  };
  return places.flatMap((position) => ownerOptions(index, position.id).map((move) => ({ start: position.id, branch: carriedOn(move.id) })));
}

/** Whether the ids still form a path in the tree; a branch chosen earlier may have been edited away. */
export function isBranch(tree: TreeDocument, branch: Branch): boolean {
  const moves = branch.map((id) => indexOf(tree).transitions.get(id));
  return moves.every((move, i) => move !== undefined && (i === 0 || moves[i - 1]?.to === move.from));
}
