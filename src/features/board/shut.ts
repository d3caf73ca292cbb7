import {
  blockingOf,
  contactKey,
  factEffectsOf,
  findCertainFacts,
  holdFact,
  missingHolds,
  missingOnArrival,
  sayContact,
} from '@/core/grips';
import {
  indexOf,
  ownerOptions,
  sayMove,
  type Contact,
  type Position,
  type PositionId,
  type TransitionId,
  type TreeDocument,
} from '@/core/tree';

/** Every grip of his that matters here: what he holds, and what shuts or opens one of my options; each once. */
export function theirGripsAt(tree: TreeDocument, position: Position): Contact[] {
  const options = ownerOptions(indexOf(tree), position.id);
  const sets = options.flatMap((move) => [...(move.blockedBy ?? []), ...(move.enabledBy ?? [])]);
  return [...new Map([...(position.theirHolds ?? []), ...sets.flat()].map((contact) => [contactKey(contact), contact])).values()];
}

/** Why an option is not there now, and what to do about it, in words. */
export interface Shut {
  readonly status: 'blocked' | 'notYet';
  readonly says: string;
}

/** The options that his grips shut, or that wait for one of his; none while no grip is said to be on. */
export function shutOptions(tree: TreeDocument, on: readonly Contact[]): ReadonlyMap<TransitionId, Shut> {
  if (on.length === 0) return new Map();
  return new Map(
    tree.transitions.flatMap((move): [TransitionId, Shut][] => {
      const { status, toBreak } = blockingOf(move, on);
      if (status === 'open') return [];
      if (status === 'blocked') return [[move.id, { status, says: `shut: break ${toBreak.map(sayContact).join(' and ')}` }]];
      const sets = (move.enabledBy ?? []).map((set) => set.map(sayContact).join(' with '));
      return [[move.id, { status, says: `not yet: only when ${sets.join(', or ')} is on` }]];
    }),
  );
}

export interface OnArrival {
  /** Held whichever way one came, as far as steps are written. */
  readonly sure: readonly string[];
  /** Said to be held here, and let go on some way whose steps say so. */
  readonly unsure: readonly { readonly hold: string; readonly after: string }[];
}
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

/** What I need to hold for a move and am not said to hold at its place. */
export const firstHold = (tree: TreeDocument, id: TransitionId, mine: ReadonlySet<string>): string[] => {
  const move = indexOf(tree).transitions.get(id);
  return move ? missingHolds(tree, move, mine) : [];
};
