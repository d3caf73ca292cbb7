import { indexOf, type Position, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { findCertainFacts } from './certainFacts';
import { factEffectsOf } from './facts';
import { holdFact } from '../contacts';
import { missingOnArrival } from './problems';

/** A hold that is said to be on at a place, and a way on which it is not. */
export interface LostHold {
  readonly hold: string;
  /** Moves that land here without it. */
  readonly without: readonly TransitionId[];
  /** Where none of these does: the moves of a way along which it is let go. */
  readonly route: readonly TransitionId[];
}
export interface OnArrival {
  /** Held whichever way one came, as far as steps are written. */
  readonly sure: readonly string[];
  /** Said to be held here, and let go on some way whose steps say so. */
  readonly unsure: readonly LostHold[];
}
/** What is held where one arrives, and what of the place's own holds some way does not bring. */
export function holdsOnArrival(tree: TreeDocument, position: Position): OnArrival {
  const effects = factEffectsOf(tree);
  const { certain, witnessOf } = findCertainFacts(tree);
  const facts = certain.get(position.id);
  if (!facts) return { sure: [], unsure: [] };
  const index = indexOf(tree);
  const written = (index.to.get(position.id) ?? []).filter((transition) => transition.steps);
  const unsure = (position.holds ?? [])
    .map((contact) => holdFact(contact))
    .filter((hold) => !facts.has(hold))
    .flatMap((hold): LostHold[] => {
      const without = written.filter((transition) =>
        missingOnArrival(position, transition).some((item) => item.contacts.some((contact) => holdFact(contact) === hold)),
      );
      if (without.length > 0) return [{ hold, without: without.map((transition) => transition.id), route: [] }];
      // A way that writes no steps says nothing of what is held.
      const route = witnessOf(position.id, hold);
      return route.some((id) => index.transitions.get(id)!.steps) ? [{ hold, without: [], route }] : [];
    });
  return { sure: [...facts].filter((fact) => effects.isHold(fact)), unsure };
}

/** What I hold at a place: what it declares, and what every way brings along. */
export const mineAt = (tree: TreeDocument, at: PositionId): ReadonlySet<string> => {
  const { certain } = findCertainFacts(tree);
  return new Set([...(certain.get(at) ?? []), ...(indexOf(tree).positions.get(at)?.holds ?? []).map(holdFact)]);
};
