import { compareText } from '@/core/base';
import { findFindings } from '@/core/findings';
import { factEffectsOf, findCertainFacts, findNeedLoops } from '@/core/grips';
import { filterTree, isFiltering, mirrorTree, type Filter } from '@/core/lens';
import { findOdds, type OddsQuestion } from '@/core/odds';
import {
  countRoutes,
  findActNow,
  findBackTakes,
  findContradictoryPreferences,
  findCoverage,
  findCycles,
  findDeadEnds,
  findDilemmas,
  findFilterDifference,
  findIdleOptions,
  findLadder,
  findNecessaryHubs,
  findProvoked,
  findRoleChanges,
  findRoutes,
  findShortestRoutes,
  findTempoChanges,
  findThreats,
  findTodo,
  findUnanswered,
  findUnreachable,
  findUsage,
  rankHubs,
} from '@/core/structure';
import type { Contact, PositionId, TreeDocument } from '@/core/tree';
import { findingText } from '@/core/words';
import { contactsOf } from './contactsReport';

export interface AnalysisOptions {
  readonly question: OddsQuestion;
  readonly filter: Filter;
  readonly routes: number;
  readonly cycles: number;
  /** The starts to look from; none = the tree's own. */
  readonly starts: readonly PositionId[];
  /** List every route, not only how many there are. */
  readonly listRoutes: boolean;
  /** The opponent's grips that are on; null = not asked. */
  readonly theirGrips: readonly Contact[] | null;
  /** Look at the tree for the other side. */
  readonly mirror: boolean;
}

/** The tree from other starts; one of its own keeps what is given there. */
const withStarts = (tree: TreeDocument, ids: readonly PositionId[]): TreeDocument =>
  ids.length === 0 ? tree : { ...tree, starts: ids.map((id) => tree.starts.find((start) => start.position === id) ?? { position: id }) };

function routesOf(tree: TreeDocument, { routes, listRoutes }: AnalysisOptions) {
  const { status, byPositions, byTransitions } = countRoutes(tree, { routes });
  const counts = { status, countByPositions: byPositions, countByTransitions: byTransitions };
  if (!listRoutes) return counts;
  const listed = findRoutes(tree, { routes });
  return { ...counts, status: listed.status, byPositions: listed.byPositions, byTransitions: listed.byTransitions };
}

function factsOf(tree: TreeDocument) {
  const { certain, missing } = findCertainFacts(tree);
  const { isHold } = factEffectsOf(tree);
  return {
    certain: tree.positions.flatMap(({ id }) => {
      const facts = [...(certain.get(id) ?? [])].sort(compareText);
      return facts.length > 0 ? [{ position: id, facts }] : [];
    }),
    missing: missing.map((item) => ({ ...item, isHold: isHold(item.fact) })),
    loops: findNeedLoops(tree),
  };
}

/** Every finding with its sentences, as on the board. */
const findingsOf = (tree: TreeDocument) =>
  findFindings(tree).list.map((finding) => {
    const { place, what, why } = findingText(tree, finding);
    return { kind: finding.kind, key: finding.key, position: finding.position, place, what, why };
  });

/** Everything `analyse` prints, of the tree as the filter leaves it; ids as in the file, in document order. Probabilities are in [0, 1], unrounded. */
export function analysisOf(whole: TreeDocument, options: AnalysisOptions) {
  const { filter } = options;
  const mirrored = options.mirror ? mirrorTree(withStarts(whole, options.starts)) : null;
  const sided = mirrored?.tree ?? withStarts(whole, options.starts);
  const tree = isFiltering(filter) ? filterTree(sided, filter).tree : sided;
  const shortest = findShortestRoutes(tree, { through: null, limit: 1, steps: 100_000 }).routes[0] ?? [];
  const usage = findUsage(tree);
  const actNow = findActNow(tree);
  return {
    tree: { id: tree.id, name: tree.name, owner: tree.owner, positions: tree.positions.length, transitions: tree.transitions.length },
    filter: isFiltering(filter) ? { ...filter, difference: findFilterDifference(sided, filter) } : null,
    findings: findingsOf(tree),
    unanswered: findUnanswered(tree),
    coverage: findCoverage(tree),
    deadEnds: findDeadEnds(tree),
    unreachable: findUnreachable(tree),
    routes: routesOf(tree, options),
    necessaryHubs: findNecessaryHubs(tree),
    cycles: findCycles(tree, { limit: options.cycles }),
    ...findDilemmas(tree),
    actNow,
    lateBranches: actNow.filter(({ missing }) => missing.length > 0),
    ladder: findLadder(tree),
    hubs: rankHubs(tree),
    usage: tree.transitions.map((transition) => ({ transition: transition.id, starts: usage.transitions.get(transition.id)! })),
    roleChanges: findRoleChanges(tree),
    tempoChanges: findTempoChanges(tree),
    backTakes: findBackTakes(tree),
    threats: findThreats(tree),
    facts: factsOf(tree),
    provoked: findProvoked(tree),
    contradictions: { idleOptions: findIdleOptions(tree), preferredAndNever: findContradictoryPreferences(tree) },
    contacts: contactsOf(tree, options.theirGrips, shortest),
    mirror: mirrored && { skipped: mirrored.skipped },
    todo: findTodo(tree),
    odds: findOdds(tree, options.question),
  };
}
