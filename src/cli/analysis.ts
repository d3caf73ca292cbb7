import { compareText } from '@/core/base';
import { findOdds } from '@/core/odds';
import {
  blockingOf,
  findBrokenRules,
  findCertainFacts,
  findDoubleBookings,
  findGripFindings,
  findHandOvers,
  findNeedLoops,
  gripsAlong,
  handLoad,
  movesOnWay,
  toBreakAlong,
} from '@/core/grips';
import { findUnknownSpots } from '@/core/contacts';
import { findVanishing, mirrorTree, filterTree, isFiltering, type Filter } from '@/core/lens';
import { sayProblem } from '@/core/words';
import {
  findBackTakes,
  findContradictoryPreferences,
  findCoverage,
  findCycles,
  findDeadEnds,
  findDilemmas,
  findFilterDifference,
  findIdleOptions,
  findLadder,
  findLateBranches,
  findNecessaryHubs,
  findProvoked,
  findRoleChanges,
  findRoutes,
  findShortestRoutes,
  findThreats,
  findTodo,
  findUnanswered,
  findUnreachable,
  findUsage,
  rankHubs,
} from '@/core/structure';
import type { Contact, TreeDocument } from '@/core/tree';

export interface AnalysisOptions {
  readonly filter: Filter;
  readonly roundSeconds: number;
  readonly routes: number;
  readonly cycles: number;
  /** The opponent's grips that are on; null = not asked. */
  readonly theirGrips: readonly Contact[] | null;
  /** Look at the tree for the other side. */
  readonly mirror: boolean;
}

/** Contacts of the steps: the account of each move, and what the opponent's grips shut. */
function contactsOf(tree: TreeDocument, theirGrips: readonly Contact[] | null, shortest: readonly string[] | undefined) {
  const held = tree.transitions.filter((move) => (move.steps ?? []).length > 0);
  const along = movesOnWay(tree, shortest ?? [], theirGrips ?? []);
  return {
    moves: held.map((move) => ({
      transition: move.id,
      steps: move.steps!.length,
      doubleBookings: findDoubleBookings(move.steps!),
      handOvers: findHandOvers(move.steps!),
      brokenRules: findBrokenRules(move.steps!, move.contactRules ?? []),
      load: handLoad(move.steps!),
      emptySteps: move.steps!.flatMap((step, i) => (step.contacts.length === 0 ? [i + 1] : [])),
    })),
    unknownSpots: held.flatMap((move) =>
      move.steps!.flatMap((step, i) => findUnknownSpots(step.contacts).map(({ word }) => ({ transition: move.id, step: i + 1, word }))),
    ),
    findings: findGripFindings(tree).map(({ problem, ...place }) => ({
      ...place,
      kind: problem.kind,
      step: problem.step,
      says: sayProblem(problem).what,
    })),
    shortestWay: { transitions: along.map((move) => move.id), ...gripsAlong(along) },
    withoutUniform: findVanishing(tree),
    theirGrips: theirGrips && {
      options: tree.transitions.flatMap((move) => {
        const { status, toBreak } = blockingOf(move, theirGrips);
        return status === 'open' ? [] : [{ transition: move.id, status, toBreak }];
      }),
      toBreakOnTheShortestWay: toBreakAlong(along, theirGrips),
    },
  };
}

/** Everything `analyse` prints, of the tree as the filter leaves it; ids as in the file, in document order. Probabilities are in [0, 1], unrounded. */
export function analysisOf(whole: TreeDocument, options: AnalysisOptions) {
  const { filter } = options;
  const mirrored = options.mirror ? mirrorTree(whole) : null;
  const sided = mirrored?.tree ?? whole;
  const tree = isFiltering(filter) ? filterTree(sided, filter).tree : sided;
  const shortest = findShortestRoutes(tree, { through: null, limit: 1, steps: 100_000 }).routes[0];
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
    contacts: contactsOf(tree, options.theirGrips, shortest),
    mirror: mirrored && { skipped: mirrored.skipped },
    todo: findTodo(tree),
    odds: findOdds(tree, { roundSeconds: options.roundSeconds }),
  };
}
