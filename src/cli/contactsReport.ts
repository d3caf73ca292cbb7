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
import { indexOf, positionOf, type Contact, type Position, type PositionId, type TreeDocument } from '@/core/tree';
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

/** Contacts of places and steps: what is held, the account of each move, and what the opponent's grips shut. */
export function contactsOf(tree: TreeDocument, theirGrips: readonly Contact[] | null, shortest: readonly PositionId[]) {
  const index = indexOf(tree);
  const written = tree.transitions.filter((move) => (move.steps ?? []).length > 0);
  const along = movesOnWay(tree, shortest, theirGrips ?? []);
  const accountOf = (way: readonly PositionId[]) => {
    const moves = movesOnWay(tree, way, theirGrips ?? []);
    return { positions: way, transitions: moves.map((move) => move.id), ...gripsAlong(moves) };
  };
  return {
    places: tree.positions.flatMap(({ id, holds = [], theirHolds = [] }) =>
      holds.length + theirHolds.length === 0
        ? []
        : [{ position: id, holds: holds.map(sayContact), theirHolds: theirHolds.map(sayContact) }],
    ),
    moves: written.map((move) => ({
      transition: move.id,
      steps: move.steps!.length,
      holds: move.steps!.map((step) => step.contacts.map(sayContact)),
      doubleBookings: findDoubleBookings(move.steps!),
      handOvers: findHandOvers(move.steps!),
      brokenRules: findBrokenRules(move.steps!, rulesThatCount(move, positionOf(index, move.from))),
      gripFight: findGripFight(move.steps!),
      load: handLoad(move.steps!),
      emptySteps: move.steps!.flatMap((step, i) => (step.contacts.length === 0 ? [i + 1] : [])),
    })),
    unknownSpots: written.flatMap((move) =>
      move.steps!.flatMap((step, i) => findUnknownSpots(step.contacts).map(({ word }) => ({ transition: move.id, step: i + 1, word }))),
    ),
    findings: findGripFindings(tree).map(({ problem, ...place }) => ({
      ...place,
      kind: problem.kind,
      step: problem.step,
      says: sayProblem(problem).what,
    })),
    shortestWay: { transitions: along.map((move) => move.id), ...gripsAlong(along) },
    shortestWays: shortestWays(tree).map(({ start, ways }) => ({ start, ways: ways.map(accountOf) })),
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
