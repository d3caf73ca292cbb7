import {
  familyFacts,
  indexOf,
  goalsOf,
  landingsOf,
  ownerRoleOf,
  saysRole,
  type OwnerRole,
  type PositionId,
  type TransitionId,
  type TreeDocument,
  graphOf,
} from '../tree';
import { reachedFrom } from '../graph';
import { findNecessaryHubs } from './necessaryHubs';

/** From how many starts something is met on the way to a goal: the start leads to it, and it leads on to a goal. */
export interface Usage {
  readonly transitions: ReadonlyMap<TransitionId, readonly PositionId[]>;
  readonly positions: ReadonlyMap<PositionId, readonly PositionId[]>;
}

/**
 * Starts whose ways to a goal pass a transition or a position. Ways may come back to a place; whether a *simple* path
 * exists through a given edge is a hard question, and for a shared ending the answer is the same. O(starts × transitions).
 */
export function findUsage(tree: TreeDocument): Usage {
  const graph = graphOf(tree, { stopAtEndings: true });
  const leadsToGoal = reachedFrom(graph.previous, goalsOf(tree));
  const transitions = new Map<TransitionId, PositionId[]>(tree.transitions.map((transition) => [transition.id, []]));
  const positions = new Map<PositionId, PositionId[]>(tree.positions.map((position) => [position.id, []]));
  for (const start of tree.starts) {
    const reached = reachedFrom(graph.next, [graph.numberOf.get(start.position)!]);
    graph.ids.forEach((id, i) => {
      if (reached[i] && leadsToGoal[i]) positions.get(id)!.push(start.position);
    });
    for (const transition of tree.transitions) {
      const from = graph.numberOf.get(transition.from)!;
      const leads = landingsOf(transition).some((to) => leadsToGoal[graph.numberOf.get(to)!]);
      if (reached[from] && leads && !tree.positions[from]!.ends) transitions.get(transition.id)!.push(start.position);
    }
  }
  return { transitions, positions };
}

export interface HubRank {
  readonly position: PositionId;
  readonly entries: number;
  readonly exits: number;
  /** Starts whose ways to a goal pass it. */
  readonly starts: number;
  /** Goals that cannot be reached without it. */
  readonly necessaryFor: number;
}

/** Hubs, the most used first: by starts, then by what hangs on them, then by ways in and out. */
export function rankHubs(tree: TreeDocument): HubRank[] {
  const index = indexOf(tree);
  const usage = findUsage(tree);
  const { goals } = findNecessaryHubs(tree);
  return tree.positions
    .filter((position) => familyFacts(position.family).isHub)
    .map(({ id }) => ({
      position: id,
      entries: index.to.get(id)!.filter((transition) => transition.actor === 'owner').length,
      exits: index.from.get(id)!.filter((transition) => transition.actor === 'owner').length,
      starts: usage.positions.get(id)!.length,
      necessaryFor: goals.filter((goal) => goal.hubs.includes(id)).length,
    }))
    .sort((a, b) => b.starts - a.starts || b.necessaryFor - a.necessaryFor || b.entries + b.exits - a.entries - a.exits);
}

export interface RoleChange {
  readonly transition: TransitionId;
  readonly to: OwnerRole;
}

/** Transitions along which the owner goes from below to on top, or the other way. */
export function findRoleChanges(tree: TreeDocument): RoleChange[] {
  const { positions } = indexOf(tree);
  return tree.transitions.flatMap((transition) => {
    const before = ownerRoleOf(tree, positions.get(transition.from)!);
    const landings = landingsOf(transition).map((id) => positions.get(id)!);
    const roles = landings.filter(saysRole).map((landing) => ownerRoleOf(tree, landing));
    const changed = roles.find((role) => role !== before);
    return changed ? [{ transition: transition.id, to: changed }] : [];
  });
}

/** Everything that leads to the back, with what is seen before it: the back-take triggers of the whole tree. */
export function findBackTakes(tree: TreeDocument): { transition: TransitionId; position: PositionId; values: readonly string[] }[] {
  const index = indexOf(tree);
  return tree.transitions.flatMap((transition) => {
    const isBack = (id: PositionId): boolean => index.positions.get(id)!.family === 'back';
    const isBackTake = transition.kind === 'backTake' || (landingsOf(transition).some(isBack) && !isBack(transition.from));
    return transition.actor === 'owner' && isBackTake
      ? [{ transition: transition.id, position: transition.from, values: Object.values(transition.when ?? {}).flat() }]
      : [];
  });
}
