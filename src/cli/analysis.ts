import { atOnce, compareText, once } from '@/core/base';
import { findFindings } from '@/core/findings';
import { factEffectsOf, findCertainFacts, findNeedLoops } from '@/core/grips';
import { filterTree, isFiltering, mirrorTree, type Filter } from '@/core/lens';
import { elsewhereInPieces, steadyWorths, worthsInPieces, type Elsewhere } from '@/core/odds';
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
import { defencesOf, loadsOf, marginsOf, oddsOf, strengthsOf, workOf, type AskedOdds } from './oddsReport';

export interface AnalysisOptions extends Omit<AskedOdds, 'elsewhere'> {
  /** Other trees, in which this one may go on. */
  readonly beside: readonly TreeDocument[];
  /** Parts that are printed; null = all. */
  readonly only: readonly string[] | null;
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

interface Looked {
  readonly options: AnalysisOptions;
  /** Before the filter, and as it leaves it. */
  readonly sided: TreeDocument;
  readonly tree: TreeDocument;
  readonly mirrored: ReturnType<typeof mirrorTree> | null;
  /** What is asked of the odds, with what is worth what in other trees: found when it is wanted. */
  readonly odds: () => AskedOdds;
}
const usageOf = (tree: TreeDocument) => {
  const usage = findUsage(tree);
  return tree.transitions.map((transition) => ({ transition: transition.id, starts: usage.transitions.get(transition.id)! }));
};
const shortestOf = (tree: TreeDocument) => findShortestRoutes(tree, { through: null, limit: 1, steps: 100_000 }).routes[0] ?? [];

/** Every part of what is printed, in order, each found only when it is wanted. */
const FINDERS = {
  tree: ({ tree }) => ({
    ...{ id: tree.id, name: tree.name, owner: tree.owner },
    ...{ positions: tree.positions.length, transitions: tree.transitions.length },
  }),
  filter: ({ options: { filter }, sided }) => (isFiltering(filter) ? { ...filter, difference: findFilterDifference(sided, filter) } : null),
  findings: ({ tree }) => findingsOf(tree),
  unanswered: ({ tree }) => findUnanswered(tree),
  coverage: ({ tree }) => findCoverage(tree),
  deadEnds: ({ tree }) => findDeadEnds(tree),
  unreachable: ({ tree }) => findUnreachable(tree),
  routes: ({ tree, options }) => routesOf(tree, options),
  necessaryHubs: ({ tree }) => findNecessaryHubs(tree),
  cycles: ({ tree, options }) => findCycles(tree, { limit: options.cycles }),
  dilemmas: ({ tree }) => findDilemmas(tree).dilemmas,
  oneWay: ({ tree }) => findDilemmas(tree).oneWay,
  actNow: ({ tree }) => findActNow(tree),
  lateBranches: ({ tree }) => findActNow(tree).filter(({ missing }) => missing.length > 0),
  ladder: ({ tree }) => findLadder(tree),
  hubs: ({ tree }) => rankHubs(tree),
  usage: ({ tree }) => usageOf(tree),
  roleChanges: ({ tree }) => findRoleChanges(tree),
  tempoChanges: ({ tree }) => findTempoChanges(tree),
  backTakes: ({ tree }) => findBackTakes(tree),
  threats: ({ tree }) => findThreats(tree),
  facts: ({ tree }) => factsOf(tree),
  provoked: ({ tree }) => findProvoked(tree),
  contradictions: ({ tree }) => ({ idleOptions: findIdleOptions(tree), preferredAndNever: findContradictoryPreferences(tree) }),
  contacts: ({ tree, options }) => contactsOf(tree, options.theirGrips, shortestOf(tree)),
  mirror: ({ mirrored }) => mirrored && { skipped: mirrored.skipped },
  todo: ({ tree }) => findTodo(tree),
  odds: ({ tree, odds }) => oddsOf(tree, odds()),
  workOn: ({ tree, odds }) => workOf(tree, odds()),
  loads: ({ tree, odds }) => loadsOf(tree, odds()),
  defences: ({ tree, odds }) => defencesOf(tree, odds()),
  strengths: ({ tree, odds }) => strengthsOf(tree, odds()),
  margins: ({ tree, odds }) => marginsOf(tree, odds()),
} satisfies Record<string, (looked: Looked) => unknown>;

export type Part = keyof typeof FINDERS;
export const PARTS = Object.keys(FINDERS) as readonly Part[];
/** What takes long is printed when it is asked for. */
const ASKED_FOR: readonly Part[] = ['workOn', 'loads', 'defences', 'strengths', 'margins'];

/** What places are worth that go on in the trees beside it, looked at in the same way and asked on the same clock. */
function elsewhereOf(tree: TreeDocument, { beside, filter, question, clock }: AnalysisOptions): Elsewhere {
  const others = new Map(beside.map((other) => [other.id, isFiltering(filter) ? filterTree(other, filter).tree : other]));
  return atOnce(elsewhereInPieces(tree, question, others, clock === 'steady' ? steadyWorths : worthsInPieces));
}

/** What `analyse` prints, of the tree as the filter leaves it; ids as in the file, in document order. Probabilities are in [0, 1], unrounded. */
export function analysisOf(whole: TreeDocument, options: AnalysisOptions): Partial<Record<Part, unknown>> {
  const mirrored = options.mirror ? mirrorTree(withStarts(whole, options.starts)) : null;
  const sided = mirrored?.tree ?? withStarts(whole, options.starts);
  const tree = isFiltering(options.filter) ? filterTree(sided, options.filter).tree : sided;
  const odds = once((): AskedOdds => ({ ...options, elsewhere: elsewhereOf(tree, options) }));
  const isWanted = (part: Part): boolean => (options.only ? options.only.includes(part) : !ASKED_FOR.includes(part));
  return Object.fromEntries(PARTS.filter(isWanted).map((part) => [part, FINDERS[part]({ options, sided, tree, mirrored, odds })]));
}
