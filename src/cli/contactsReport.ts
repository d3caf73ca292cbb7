import { findUnknownSpots, sayContact } from '@/core/contacts';
import {
  blockingOf,
  findBrokenRules,
  findDoubleBookings,
  findGripFight,
  findGripFindings,
  findHandOvers,
  gripsAlong,
  handLoad,
  movesOnWay,
  rulesThatCount,
  toBreakAlong,
} from '@/core/grips';
import { findVanishing } from '@/core/lens';
import { findShortestRoutes } from '@/core/structure';
import {
  indexOf,
  positionOf,
  type Contact,
  type Position,
  type PositionId,
  type Step,
  type Transition,
  type TreeDocument,
} from '@/core/tree';
import { sayProblem } from '@/core/words';

const SHORTEST_WAYS = 50;

/** From each start every way of fewest transitions to a goal, or, where none leads to one, to where another tree goes on. */
function shortestWays(tree: TreeDocument): { start: PositionId; ways: PositionId[][] }[] {
  const goesOn = tree.positions.map((position): Position =>
    position.continuesIn && !position.ends ? { ...position, ends: tree.owner === 'passer' ? 'settled' : 'swept' } : position,
  );
  return tree.starts.map((start) => {
    const from = (doc: TreeDocument): PositionId[][] =>
      findShortestRoutes({ ...doc, starts: [start] }, { through: null, limit: SHORTEST_WAYS, steps: 100_000 }).routes;
    const found = from(tree);
    const ways = found.length > 0 ? found : from({ ...tree, positions: goesOn });
    return { start: start.position, ways: ways.filter((way) => way.length === ways[0]!.length) };
  });
}

/** What is held at each place, in words. */
const heldAt = (tree: TreeDocument) =>
  tree.positions.flatMap(({ id, holds = [], theirHolds = [] }) =>
    holds.length + theirHolds.length === 0 ? [] : [{ position: id, holds: holds.map(sayContact), theirHolds: theirHolds.map(sayContact) }],
  );

/** The account of a move whose steps are written. */
function accountOf(tree: TreeDocument, move: Transition, steps: readonly Step[]) {
  return {
    transition: move.id,
    steps: steps.length,
    holds: steps.map((step) => step.contacts.map(sayContact)),
    doubleBookings: findDoubleBookings(steps),
    handOvers: findHandOvers(steps),
    brokenRules: findBrokenRules(steps, rulesThatCount(move, positionOf(indexOf(tree), move.from))),
    gripFight: findGripFight(steps),
    load: handLoad(steps),
    emptySteps: steps.flatMap((step, i) => (step.contacts.length === 0 ? [i + 1] : [])),
  };
}

const unknownIn = (move: Transition, steps: readonly Step[]) =>
  steps.flatMap((step, i) => findUnknownSpots(step.contacts).map(({ word }) => ({ transition: move.id, step: i + 1, word })));

/** Which options his grips shut, and what to break first. */
const shutBy = (tree: TreeDocument, grips: readonly Contact[], way: readonly Transition[]) => ({
  options: tree.transitions.flatMap((move) => {
    const { status, toBreak } = blockingOf(move, grips);
    return status === 'open' ? [] : [{ transition: move.id, status, toBreak }];
  }),
  toBreakOnTheShortestWay: toBreakAlong(way, grips),
});

/** Contacts of places and steps: what is held, the account of each move, and what the opponent's grips shut. */
export function contactsOf(tree: TreeDocument, theirGrips: readonly Contact[] | null, shortest: readonly PositionId[]) {
  const written = tree.transitions.flatMap((move) => (move.steps?.length ? [{ move, steps: move.steps }] : []));
  const along = (way: readonly PositionId[]) => movesOnWay(tree, way, theirGrips ?? []);
  const report = (moves: ReturnType<typeof along>) => ({ transitions: moves.map((move) => move.id), ...gripsAlong(moves) });
  return {
    places: heldAt(tree),
    moves: written.map(({ move, steps }) => accountOf(tree, move, steps)),
    unknownSpots: written.flatMap(({ move, steps }) => unknownIn(move, steps)),
    findings: findGripFindings(tree).map(({ problem, ...place }) => ({
      ...place,
      kind: problem.kind,
      step: problem.step,
      says: sayProblem(problem).what,
    })),
    shortestWay: report(along(shortest)),
    shortestWays: shortestWays(tree).map(({ start, ways }) => ({
      start,
      ways: ways.map((way) => ({ positions: way, ...report(along(way)) })),
    })),
    withoutUniform: findVanishing(tree),
    theirGrips: theirGrips && shutBy(tree, theirGrips, along(shortest)),
  };
}
