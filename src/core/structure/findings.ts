import { atOnce, groupBy, type InPieces } from '../base';
import { findCertainFacts, findGripFindings, findNeedLoops, type GripProblem } from '../grips';
import {
  indexOf,
  type Ending,
  type Fact,
  type PositionId,
  type ReadId,
  type TransitionId,
  type TreeDocument,
  type ValueId,
  reachablePositions,
} from '../tree';
import { coverageAt, unansweredAt } from './answers';
import { findContradictoryPreferences, findIdleOptions } from './contradictions';
import { findCycles } from './cycles';
import { findDeadEnds, findUnreachable } from './deadEnds';
import { findLateBranches, type LateBranch } from './lateBranches';
import { findNecessaryHubs } from './necessaryHubs';
import { findProvoked } from './provoked';
import { countRoutes, type RouteCount } from './routes';

/** What is wrong or worth knowing at one place. `key` is stable while the place exists, so a dismissal stays. */
export type Finding = { readonly key: string; readonly position: PositionId } & (
  | { readonly kind: 'unanswered'; readonly read: ReadId; readonly value: ValueId; readonly consequences: readonly TransitionId[] }
  | { readonly kind: 'uncovered'; readonly combination: Readonly<Record<ReadId, ValueId>> }
  | { readonly kind: 'ambiguous'; readonly values: readonly ValueId[]; readonly answers: readonly TransitionId[] }
  | { readonly kind: 'deadEnd' }
  | { readonly kind: 'unreachable' }
  | { readonly kind: 'necessaryHub'; readonly ends: readonly Ending[] }
  | { readonly kind: 'lateBranch'; readonly missing: LateBranch['missing']; readonly values: readonly ValueId[] }
  | {
      readonly kind: 'missingFact';
      readonly transition: TransitionId;
      readonly fact: Fact;
      readonly witness: readonly TransitionId[];
      readonly neverMade: boolean;
    }
  | { readonly kind: 'needLoop'; readonly transitions: readonly TransitionId[]; readonly facts: readonly Fact[] }
  | { readonly kind: 'idleOption'; readonly transition: TransitionId }
  | { readonly kind: 'provokesGap'; readonly transition: TransitionId; readonly value: ValueId }
  | { readonly kind: 'preferredNever'; readonly transition: TransitionId; readonly parameter: string; readonly values: readonly string[] }
  /** `transition` null: at the position itself. */
  | { readonly kind: 'grips'; readonly transition: TransitionId | null; readonly problem: GripProblem }
  | { readonly kind: 'sameName'; readonly others: readonly PositionId[] }
  | { readonly kind: 'emptyRead'; readonly read: ReadId }
  | { readonly kind: 'costlyCycle'; readonly positions: readonly PositionId[] }
);
export interface Findings {
  readonly list: readonly Finding[];
  /** Ways from a start to a goal; counted up to the budget (`status`). */
  readonly routes: RouteCount;
  /** Loops that cost no lines, by their positions, beside the costly ones in the list. */
  readonly productiveCycles: readonly (readonly PositionId[])[];
  /** `budget`: there are more cycles or combinations than were searched. */
  readonly status: 'exact' | 'budget';
}

/** A board lists the first costly loops, not the thousands that a dense tree has. */
const LISTED_CYCLES = 200;
const SEARCHED_CYCLES = 1000;
const CYCLE_STEPS = 60_000;
const COUNTED_ROUTES = 1000;
const ROUTE_STEPS = 60_000;

function findAtPositions(tree: TreeDocument): { list: Finding[]; status: Findings['status'] } {
  const index = indexOf(tree);
  const reachable = reachablePositions(tree);
  const list: Finding[] = [];
  let status: Findings['status'] = 'exact';
  for (const position of tree.positions) {
    if (!reachable.has(position.id)) continue;
    const at = position.id;
    for (const gap of unansweredAt(index, position)) list.push({ ...gap, kind: 'unanswered', key: `unanswered/${at}/${gap.value}` });
    const coverage = coverageAt(index, position);
    if (coverage.status === 'budget') status = 'budget';
    for (const cell of coverage.cells) {
      const values = Object.values(cell.combination);
      // One closed read alone is the same statement as its unanswered or ambiguous value.
      if (values.length < 2) continue;
      if (cell.covered === 'never')
        list.push({ kind: 'uncovered', key: `uncovered/${at}/${values.join('+')}`, position: at, combination: cell.combination });
      else if (cell.ambiguous)
        list.push({ kind: 'ambiguous', key: `ambiguous/${at}/${values.join('+')}`, position: at, values, answers: cell.answers });
    }
    for (const { value, answers } of coverage.ambiguousValues)
      list.push({ kind: 'ambiguous', key: `ambiguous/${at}/${value}`, position: at, values: [value], answers });
  }
  return { list, status };
}

/** What is wrong with the drawing itself: two places of one name, a read without values. */
function findInDrawing(tree: TreeDocument): Finding[] {
  const names = groupBy(tree.positions, (position) => position.name.trim().toLowerCase());
  const twice = [...names.values()].filter((list) => list.length > 1);
  return [
    ...twice.map(([first, ...others]): Finding => ({
      kind: 'sameName',
      key: `sameName/${first!.id}`,
      position: first!.id,
      others: others.map((item) => item.id),
    })),
    ...tree.positions.flatMap((position) =>
      position.reads
        .filter((read) => read.values.length === 0)
        .map((read): Finding => ({ kind: 'emptyRead', key: `emptyRead/${position.id}/${read.id}`, position: position.id, read: read.id })),
    ),
  ];
}

/** What contradicts itself: "first this" in a circle, options that fit nothing, helpers for what has no answer. */
function findContradictions(tree: TreeDocument): Finding[] {
  const index = indexOf(tree);
  const fromOf = (id: TransitionId): PositionId => index.transitions.get(id)!.from;
  return [
    ...findNeedLoops(tree).map((loop): Finding => ({
      kind: 'needLoop',
      key: `needLoop/${loop.transitions.join('>')}`,
      position: fromOf(loop.transitions[0]!),
      ...loop,
    })),
    ...findIdleOptions(tree).map((transition): Finding => ({
      kind: 'idleOption',
      key: `idleOption/${transition}`,
      position: fromOf(transition),
      transition,
    })),
    ...findProvoked(tree)
      .filter((item) => item.serves.length === 0)
      .map(({ transition, value, position }): Finding => ({
        kind: 'provokesGap',
        key: `provokesGap/${transition}/${value}`,
        position,
        transition,
        value,
      })),
    ...findContradictoryPreferences(tree).map((item): Finding => ({
      kind: 'preferredNever',
      key: `preferredNever/${item.transition}/${item.parameter}`,
      position: fromOf(item.transition),
      ...item,
    })),
  ];
}

/** Needs that are not met on every way, and places where one must act and nothing says what happens off time. */
function findOutOfOrder(tree: TreeDocument): Finding[] {
  const index = indexOf(tree);
  return [
    ...findLateBranches(tree).map((late): Finding => ({ kind: 'lateBranch', key: `lateBranch/${late.position}`, ...late })),
    ...findCertainFacts(tree).missing.map((item): Finding => ({
      kind: 'missingFact',
      key: `missingFact/${item.transition}/${item.fact}`,
      position: index.transitions.get(item.transition)!.from,
      ...item,
    })),
  ];
}

/** The kinds of finding in the order in which they are told, worst first; each is a piece of the work. */
const FINDERS: readonly ((tree: TreeDocument) => readonly Finding[])[] = [
  findOutOfOrder,
  findContradictions,
  (tree) => findGripFindings(tree).map((item): Finding => ({ kind: 'grips', ...item })),
  findInDrawing,
  (tree) => findDeadEnds(tree).map((position): Finding => ({ kind: 'deadEnd', key: `deadEnd/${position}`, position })),
  (tree) => findUnreachable(tree).map((position): Finding => ({ kind: 'unreachable', key: `unreachable/${position}`, position })),
  findHubs,
];

function findHubs(tree: TreeDocument): Finding[] {
  const hubs = new Map<PositionId, Ending[]>();
  for (const ending of findNecessaryHubs(tree).endings)
    for (const hub of ending.hubs) hubs.set(hub, [...(hubs.get(hub) ?? []), ending.ends]);
  return [...hubs].map(([position, ends]): Finding => ({ kind: 'necessaryHub', key: `necessaryHub/${position}`, position, ends }));
}

/** All findings of the first kind (MODEL §2), worst kind first, document order within; dismissed ones included. */
export const findFindings = (tree: TreeDocument): Findings => atOnce(findFindingsInPieces(tree));

/** The same, a piece for each kind, with progress. */
export function* findFindingsInPieces(tree: TreeDocument): InPieces<Findings> {
  const atPositions = findAtPositions(tree);
  const list = [...atPositions.list];
  for (const [i, find] of FINDERS.entries()) {
    yield (i + 1) / (FINDERS.length + 3);
    for (const finding of find(tree)) list.push(finding);
  }
  yield (FINDERS.length + 1) / (FINDERS.length + 3);
  const { cycles, status } = findCycles(tree, { limit: SEARCHED_CYCLES, steps: CYCLE_STEPS });
  const costly = cycles.filter((cycle) => cycle.kind === 'costly').slice(0, LISTED_CYCLES);
  for (const { positions } of costly)
    list.push({ kind: 'costlyCycle', key: `costlyCycle/${positions.join('>')}`, position: positions[0]!, positions });
  yield (FINDERS.length + 2) / (FINDERS.length + 3);
  return {
    list,
    routes: countRoutes(tree, { routes: COUNTED_ROUTES, steps: ROUTE_STEPS }),
    productiveCycles: cycles.filter((cycle) => cycle.kind === 'productive').map((cycle) => cycle.positions),
    status: status === 'budget' || atPositions.status === 'budget' ? 'budget' : 'exact',
  };
}
