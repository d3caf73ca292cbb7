import { findOdds } from '@/core/odds';
import { findCoverage, findCycles, findDeadEnds, findNecessaryHubs, findRoutes, findUnanswered, findUnreachable } from '@/core/structure';
import type { TreeDocument } from '@/core/tree';

export interface AnalysisLimits {
  readonly roundSeconds: number;
  readonly routes: number;
  readonly cycles: number;
}

/** Everything `analyse` prints, ids as in the file, in document order. Probabilities are in [0, 1], unrounded. */
export function analysisOf(tree: TreeDocument, limits: AnalysisLimits) {
  const routes = findRoutes(tree, { routes: limits.routes });
  return {
    tree: { id: tree.id, name: tree.name, owner: tree.owner, positions: tree.positions.length, transitions: tree.transitions.length },
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
    cycles: findCycles(tree, { limit: limits.cycles }),
    odds: findOdds(tree, { roundSeconds: limits.roundSeconds }),
  };
}
