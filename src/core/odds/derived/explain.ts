import { atOnce, partOf, type InPieces } from '../../base';
import type { PositionId, TransitionId, TreeDocument } from '../../tree';
import type { Choice } from '../choices';
import { oddsModelOf } from '../process/cells';
import { kernelOf } from '../process/kernel';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { outcomesApart, type Happened } from '../rounds/eventCells';
import { solveInPieces } from '../solved';

/** One way an option can go: its chance times what is worth then. */
export interface Term {
  readonly happened: Happened;
  readonly unforeseen: boolean;
  /** Null = he turned it. */
  readonly to: PositionId | null;
  /** In [0, 1]. */
  readonly chance: number;
  /** V where it leads, with the seconds that are left then; in [0, 1]. */
  readonly worth: number;
}
export interface Explained {
  readonly transition: TransitionId | null;
  readonly shown: Choice['shown'];
  readonly seconds: number;
  /** Sum of chance times worth. */
  readonly total: number;
  readonly terms: readonly Term[];
}

/**
 * How the worth of what is best at each show of a place comes about, with a full round left: every way it can go, what brings most
 * first. Null = there is no such place, or nothing is chosen there.
 */
export function* explainInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  position: PositionId,
  transition: TransitionId | null,
  shown: Choice['shown'],
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<Explained | null> {
  const model = oddsModelOf(tree, elsewhere, undefined, question.points);
  const at = tree.positions.findIndex(({ id }) => id === position);
  const place = model.places[at];
  const row = place?.rows.findIndex((item) => (item?.id ?? null) === transition) ?? -1;
  if (!place || row < 0) return null;
  const key = JSON.stringify(shown);
  const cells = place.columns.flatMap(({ groups, moments }, c) =>
    moments.map((moment, m) => ({
      shown: [...groups, ...moment.groups].map(({ read, values }) => ({ read, values })),
      cell: place.cells[c]![m]![row]!,
    })),
  );
  const found = cells.find((item) => JSON.stringify(item.shown) === key);
  if (!found) return null;
  const { value, roundSeconds } = yield* partOf(solveInPieces(model, kernelOf(model, false), question), 0, 1);
  const { cell } = found;
  const left = roundSeconds - cell.seconds;
  const worthAt = (state: number): number => (left < 0 ? 0 : value[left * model.states + state]!);
  const terms = outcomesApart(model, at, place, cell).map(({ happened, unforeseen, to, chance, reward }): Term => ({
    ...{ happened, unforeseen, chance },
    to: to === model.turned ? null : tree.positions[to]!.id,
    worth: left < 0 ? 0 : worthAt(to) + reward,
  }));
  return {
    ...{ transition, shown, seconds: cell.seconds },
    total: terms.reduce((sum, { chance, worth }) => sum + chance * worth, 0),
    terms: terms.toSorted((a, b) => b.chance * b.worth - a.chance * a.worth || b.chance - a.chance),
  };
}

/** The same at once. */
export const explain = (...asked: Parameters<typeof explainInPieces>): Explained | null => atOnce(explainInPieces(...asked));
