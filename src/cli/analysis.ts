import { compareText } from '@/core/base';
import { findOdds } from '@/core/odds';
import { findCertainFacts, findNeedLoops } from '@/core/grips';
import {
  filterTree, findBackTakes, findContradictoryPreferences, findCoverage, findCycles, findDeadEnds, findDilemmas, findFilterDifference, findIdleOptions, findLadder, findLateBranches, findNecessaryHubs,
  findProvoked, findRoleChanges, findRoutes, findThreats, findTodo, findUnanswered, findUnreachable, findUsage, isFiltering, rankHubs, type Filter,
} from '@/core/structure'; // prettier-ignore
import type { TreeDocument } from '@/core/tree';

export interface AnalysisOptions {
  readonly filter: Filter;
  readonly roundSeconds: number;
  readonly routes: number;
  readonly cycles: number;
}

/** Everything `analyse` prints, of the tree as the filter leaves it; ids as in the file, in document order. Probabilities are in [0, 1], unrounded. */
export function analysisOf(whole: TreeDocument, options: AnalysisOptions) {
  const { filter } = options;
  const tree = isFiltering(filter) ? filterTree(whole, filter).tree : whole;
  const routes = findRoutes(tree, { routes: options.routes });
  const usage = findUsage(tree);
  const { certain, missing } = findCertainFacts(tree);
  return {
    tree: { id: tree.id, name: tree.name, owner: tree.owner, positions: tree.positions.length, transitions: tree.transitions.length },
    filter: isFiltering(filter) ? { ...filter, difference: findFilterDifference(whole, filter) } : null,
    unanswered: findUnanswered(tree),
    coverage: findCoverage(tree),
    deadEnds: findDeadEnds(tree),
    unreachable: findUnreachable(tree),
    routes: {
      status: routes.status,
      countByPositions: routes.byPositions.length,
      countByTransitions: routes.byTransitions.length,
      byPositions: routes.byPositions,
      byTransitions: routes.byTransitions,
    },
    necessaryHubs: findNecessaryHubs(tree),
    cycles: findCycles(tree, { limit: options.cycles }),
    ...findDilemmas(tree),
    lateBranches: findLateBranches(tree),
    ladder: findLadder(tree),
    hubs: rankHubs(tree),
    usage: tree.transitions.map((move) => ({ transition: move.id, starts: usage.transitions.get(move.id)! })),
    roleChanges: findRoleChanges(tree),
    backTakes: findBackTakes(tree),
    threats: findThreats(tree),
    facts: {
      certain: tree.positions.flatMap(({ id }) => {
        const facts = [...(certain.get(id) ?? [])].sort(compareText);
        return facts.length > 0 ? [{ position: id, facts }] : [];
      }),
      missing,
      loops: findNeedLoops(tree),
    },
    provoked: findProvoked(tree),
    contradictions: { idleOptions: findIdleOptions(tree), preferredAndNever: findContradictoryPreferences(tree) },
    todo: findTodo(tree),
    odds: findOdds(tree, { roundSeconds: options.roundSeconds }),
  };
}
