import type { InPieces } from '@/core/base';
import { findUnconfirmed } from '@/core/catalogue';
import { findOddsInPieces, ODDS_QUESTION, type Elsewhere } from '@/core/odds';
import {
  findBackTakes,
  findDilemmas,
  findLadder,
  findMissedHubs,
  findRoleChanges,
  findTempoChanges,
  findTodo,
  findUnpriced,
  rankHubs,
  type Unpriced,
} from '@/core/structure';
import { byWeight, findFindingsInPieces, shareAt, visitsOf, type Findings, type Visits } from '@/core/findings';
import type { TreeView } from '@/core/lens';
import type { TreeDocument } from '@/core/tree';

/** All that the sheet beside the board lists of a tree. */
export interface TreeSheet {
  /** Of the tree as it is looked at, what is met most often first. */
  readonly findings: Findings;
  /** How often each place is met in a round; null = too large a tree to be asked at every edit. */
  readonly visits: Visits | null;
  readonly dilemmas: ReturnType<typeof findDilemmas>;
  readonly missedHubs: ReturnType<typeof findMissedHubs>;
  /** What is met most often first. */
  readonly unpriced: readonly Unpriced[];
  /** Of the whole tree, from the chosen athlete's side. */
  readonly todo: ReturnType<typeof findTodo>;
  readonly backTakes: ReturnType<typeof findBackTakes>;
  readonly roles: ReturnType<typeof findRoleChanges>;
  readonly tempoChanges: ReturnType<typeof findTempoChanges>;
  readonly hubs: ReturnType<typeof rankHubs>;
  readonly unconfirmed: ReturnType<typeof findUnconfirmed>;
  readonly ladder: ReturnType<typeof findLadder>;
}

/** Larger trees take seconds to play through: their findings stand in the coach's order. */
const MOST_WEIGHED = 1000;
const NOBODY_KNOWS: Visits = new Map();

function unpricedFirst(tree: TreeDocument, visits: Visits): Unpriced[] {
  const weight = ({ position, read, value }: Unpriced): number => shareAt(tree, position, read, value) * (visits.get(position) ?? 0);
  return findUnpriced(tree)
    .map((item) => ({ item, weight: weight(item) }))
    .sort((a, b) => b.weight - a.weight)
    .map(({ item }) => item);
}

export function* sheetInPieces({ seen, shown }: TreeView, elsewhere: Elsewhere): InPieces<TreeSheet> {
  const found = yield* findFindingsInPieces(shown);
  yield;
  const visits = shown.positions.length > MOST_WEIGHED ? null : visitsOf(yield* findOddsInPieces(shown, ODDS_QUESTION, elsewhere));
  const findings = { ...found, list: byWeight(shown, found.list, visits ?? NOBODY_KNOWS) };
  yield;
  const todo = findTodo(seen);
  yield;
  const [backTakes, roles] = [findBackTakes(seen), findRoleChanges(seen)];
  yield;
  const hubs = rankHubs(seen);
  yield;
  return {
    findings,
    visits,
    dilemmas: findDilemmas(shown),
    missedHubs: findMissedHubs(shown),
    unpriced: unpricedFirst(shown, visits ?? NOBODY_KNOWS),
    todo,
    backTakes,
    roles,
    tempoChanges: findTempoChanges(seen),
    hubs,
    unconfirmed: findUnconfirmed(seen),
    ladder: findLadder(seen),
  };
}
