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
  transitionsOnRoute,
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
function shortestRoutes(tree: TreeDocument): { start: PositionId; ways: PositionId[][] }[] {
  const goesOn = tree.positions.map((position): Position =>
    position.continuesIn && !position.ends ? { ...position, ends: tree.owner === 'passer' ? 'settled' : 'swept' } : position,
  );
  return tree.starts.map((start) => {
    const from = (doc: TreeDocument): PositionId[][] =>
      findShortestRoutes({ ...doc, starts: [start] }, { through: null, limit: SHORTEST_WAYS, steps: 100_000 }).routes;
    const found = from(tree);
    const routes = found.length > 0 ? found : from({ ...tree, positions: goesOn });
    return { start: start.position, ways: routes.filter((route) => route.length === routes[0]!.length) };
  });
}

/** What is held at each place, in words. */
const heldAt = (tree: TreeDocument) =>
  tree.positions.flatMap(({ id, holds = [], theirHolds = [] }) =>
    holds.length + theirHolds.length === 0 ? [] : [{ position: id, holds: holds.map(sayContact), theirHolds: theirHolds.map(sayContact) }],
  );

/** The account of a move whose steps are written. */
function accountOf(tree: TreeDocument, transition: Transition, steps: readonly Step[]) {
  return {
    transition: transition.id,
    steps: steps.length,
    holds: steps.map((step) => step.contacts.map(sayContact)),
    doubleBookings: findDoubleBookings(steps),
    handOvers: findHandOvers(steps),
    brokenRules: findBrokenRules(steps, rulesThatCount(transition, positionOf(indexOf(tree), transition.from))),
    gripFight: findGripFight(steps),
    load: handLoad(steps),
    emptySteps: steps.flatMap((step, i) => (step.contacts.length === 0 ? [i + 1] : [])),
  };
}

const unknownIn = (transition: Transition, steps: readonly Step[]) =>
  steps.flatMap((step, i) => findUnknownSpots(step.contacts).map(({ word }) => ({ transition: transition.id, step: i + 1, word })));

/** Which options his grips shut, and what to break first. */
const shutBy = (tree: TreeDocument, grips: readonly Contact[], route: readonly Transition[]) => ({
  options: tree.transitions.flatMap((transition) => {
    const { status, toBreak } = blockingOf(transition, grips);
    return status === 'open' ? [] : [{ transition: transition.id, status, toBreak }];
  }),
  toBreakOnTheShortestWay: toBreakAlong(route, grips),
});

/** Contacts of places and steps: what is held, the account of each move, and what the opponent's grips shut. */
export function contactsOf(tree: TreeDocument, theirGrips: readonly Contact[] | null, shortest: readonly PositionId[]) {
  const written = tree.transitions.flatMap((transition) =>
    transition.steps?.length ? [{ move: transition, steps: transition.steps }] : [],
  );
  const along = (route: readonly PositionId[]) => transitionsOnRoute(tree, route, theirGrips ?? []);
  const report = (transitions: ReturnType<typeof along>) => ({
    transitions: transitions.map((transition) => transition.id),
    ...gripsAlong(transitions),
  });
  return {
    places: heldAt(tree),
    moves: written.map(({ move: transition, steps }) => accountOf(tree, transition, steps)),
    unknownSpots: written.flatMap(({ move: transition, steps }) => unknownIn(transition, steps)),
    findings: findGripFindings(tree).map(({ problem, ...place }) => ({
      ...place,
      kind: problem.kind,
      step: problem.step,
      says: sayProblem(problem).what,
    })),
    shortestWay: report(along(shortest)),
    shortestWays: shortestRoutes(tree).map(({ start, ways: routes }) => ({
      start,
      ways: routes.map((route) => ({ positions: route, ...report(along(route)) })),
    })),
    withoutUniform: findVanishing(tree),
    theirGrips: theirGrips && shutBy(tree, theirGrips, along(shortest)),
  };
}
