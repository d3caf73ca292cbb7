import type { InPieces } from '@/core/base';
import { findUnconfirmed } from '@/core/catalogue';
import { findBackTakes, findLadder, findRoleChanges, findTempoChanges, findTodo, rankHubs } from '@/core/structure';
import { findFindingsInPieces, type Findings } from '@/core/findings';
import type { TreeView } from '@/core/lens';

/** All that the sheet beside the board lists of a tree. */
export interface TreeSheet {
  /** Of the tree as it is looked at. */
  readonly findings: Findings;
  /** Of the whole tree, from the chosen athlete's side. */
  readonly todo: ReturnType<typeof findTodo>;
  readonly backTakes: ReturnType<typeof findBackTakes>;
  readonly roles: ReturnType<typeof findRoleChanges>;
  readonly tempoChanges: ReturnType<typeof findTempoChanges>;
  readonly hubs: ReturnType<typeof rankHubs>;
  readonly unconfirmed: ReturnType<typeof findUnconfirmed>;
  readonly ladder: ReturnType<typeof findLadder>;
}

export function* sheetInPieces({ seen, shown }: TreeView): InPieces<TreeSheet> {
  const findings = yield* findFindingsInPieces(shown);
  yield;
  const todo = findTodo(seen);
  yield;
  const [backTakes, roles] = [findBackTakes(seen), findRoleChanges(seen)];
  yield;
  const hubs = rankHubs(seen);
  yield;
  return {
    findings,
    todo,
    backTakes,
    roles,
    tempoChanges: findTempoChanges(seen),
    hubs,
    unconfirmed: findUnconfirmed(seen),
    ladder: findLadder(seen),
  };
}
