import { indexOf, sayMove, type Position, type PositionId, type TreeDocument } from '../tree';
import { findCertainFacts } from './certainFacts';
import { factEffectsOf, holdFact } from './facts';
import { missingOnArrival } from './problems';

export interface OnArrival {
  /** Held whichever way one came, as far as steps are written. */
  readonly sure: readonly string[];
  /** Said to be held here, and let go on some way whose steps say so. */
  readonly unsure: readonly { readonly hold: string; readonly after: string }[];
}
/** What is held where one arrives, and what of the place's own holds some way does not bring. */
export function holdsOnArrival(tree: TreeDocument, position: Position): OnArrival {
  const effects = factEffectsOf(tree);
  const { certain, witnessOf } = findCertainFacts(tree);
  const facts = certain.get(position.id);
  if (!facts) return { sure: [], unsure: [] };
  const index = indexOf(tree);
  const written = (index.to.get(position.id) ?? []).filter((move) => move.steps);
  const unsure = (position.holds ?? []).map((contact) => holdFact(contact)).filter((hold) => !facts.has(hold)).flatMap((hold) => {
    const without = written.filter((move) => missingOnArrival(position, move).some((item) => item.contacts.some((contact) => holdFact(contact) === hold)));
    if (without.length > 0) return [{ hold, after: without.map(sayMove).join('; ') }];
    // A way that writes no steps says nothing of what is held.
    const way = witnessOf(position.id, hold).map((id) => index.transitions.get(id)!);
    return way.some((move) => move.steps) ? [{ hold, after: way.map(sayMove).join(' → ') }] : [];
  });
  return { sure: [...facts].filter((fact) => effects.isHold(fact)), unsure };
} // prettier-ignore

/** What I hold at a place: what it declares, and what every way brings along. */
export const mineAt = (tree: TreeDocument, at: PositionId): ReadonlySet<string> => {
  const { certain } = findCertainFacts(tree);
  return new Set([...(certain.get(at) ?? []), ...(indexOf(tree).positions.get(at)?.holds ?? []).map(holdFact)]);
};
