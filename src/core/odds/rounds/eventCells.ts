import type { TransitionId } from '../../tree';
import type { Cell, OddsModel, Place } from '../process/cells';

/** How an attempt went. */
export type Happened =
  /** It worked. */
  | { readonly how: 'worked' }
  /** It failed, and where that leads is drawn. */
  | { readonly how: 'failedTo' }
  /** He took what was drawn for him. */
  | { readonly how: 'fell'; readonly transition: TransitionId }
  /** He turned it, at a price that is not drawn · he got his guard back · nothing changed. */
  | { readonly how: 'turned' | 'recovered' | 'stayed' };
export interface Outcome {
  readonly happened: Happened;
  /** Something that is not drawn came instead of what he showed. */
  readonly unforeseen: boolean;
  /** State. */
  readonly to: number;
  /** In [0, 1]. */
  readonly chance: number;
  /** What it gives besides what its place is worth. */
  readonly reward: number;
}

/** Everything that can come of a cell, told apart by how; chances sum to 1. */
export function outcomesApart(model: OddsModel, at: number, place: Place, cell: Cell): Outcome[] {
  const u = place.undrawn;
  const risk = cell.fit === null ? place.risks.hold : place.risks.attempt;
  const found: Outcome[] = [];
  const add = (happened: Happened, unforeseen: boolean, to: number, chance: number, reward = 0): void => {
    if (chance > 0) found.push({ happened, unforeseen, to, chance, reward });
  };
  const fail = (unforeseen: boolean, chance: number): void => {
    if (cell.onFail >= 0) {
      add({ how: 'failedTo' }, unforeseen, cell.onFail, chance);
      return;
    }
    let rest = chance;
    if (!unforeseen)
      for (const { transition, chance: share, works, to, reward } of cell.consequences) {
        add({ how: 'fell', transition: transition.id }, false, to, chance * share * works, reward);
        rest -= chance * share * works;
      }
    add({ how: 'turned' }, unforeseen, model.turned, rest * risk.turned);
    add({ how: 'recovered' }, unforeseen, place.recoversTo, rest * risk.recovered);
    add({ how: 'stayed' }, unforeseen, at, rest * (1 - risk.turned - risk.recovered));
  };
  for (const unforeseen of [false, true]) {
    const part = unforeseen ? u : 1 - u;
    const works = unforeseen ? cell.unforeseen : cell.success;
    if (cell.to >= 0) add({ how: 'worked' }, unforeseen, cell.to, part * works, cell.reward);
    fail(unforeseen, part * (1 - works));
  }
  return found;
}
