import { atOnce, type InPieces } from '../base';
import { countRoutes, ROUTES_COUNTED, type RouteCount } from '../structure';
import type { PositionId, TreeDocument } from '../tree';
import type { Finding } from './finding';
import { FINDERS, kindsIn } from './registry';
import { cyclesOf } from './kinds/cycles';

export interface Findings {
  readonly list: readonly Finding[];
  /** Ways from a start to a goal; counted up to the budget (`status`). */
  readonly routes: RouteCount;
  /** Loops that cost no lines, by their positions, beside the costly ones in the list. */
  readonly productiveCycles: readonly (readonly PositionId[])[];
  /** `budget`: there are more cycles or combinations than were searched. */
  readonly status: 'exact' | 'budget';
}

/** All findings of the first kind (MODEL §2), worst kind first, document order within; dismissed ones included. */
export const findFindings = (tree: TreeDocument): Findings => atOnce(findFindingsInPieces(tree));

/** The same, a piece for each kind, with progress. */
export function* findFindingsInPieces(tree: TreeDocument): InPieces<Findings> {
  const list: Finding[] = [];
  let status: Findings['status'] = 'exact';
  const kinds = kindsIn(tree);
  for (const [i, kind] of kinds.entries()) {
    yield i / (kinds.length + 1);
    const found = FINDERS[kind].find(tree);
    for (const finding of found.list) list.push(finding);
    if (found.status === 'budget') status = 'budget';
  }
  yield kinds.length / (kinds.length + 1);
  return {
    list,
    routes: countRoutes(tree, ROUTES_COUNTED),
    productiveCycles: cyclesOf(tree)
      .cycles.filter((cycle) => cycle.kind === 'productive')
      .map((cycle) => cycle.positions),
    status,
  };
}
