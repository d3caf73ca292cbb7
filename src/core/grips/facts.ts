import { perObject } from '../base';
import { holdFact, holdOfFact } from '../contacts';
import type { Contact, Fact, Transition, TreeDocument } from '../tree';

/** What the facts of a tree do, holds of the steps among them. */
export interface FactEffects {
  /** For each of the tree's starts, what is given there: its facts, and what the position declares to be held. */
  readonly given: readonly ReadonlySet<Fact>[];
  needsOf(move: Transition): readonly Fact[];
  /** Declared, and what is held at the last step. */
  makesOf(move: Transition): readonly Fact[];
  /** The fact is a hold, not a word of the coach's own. */
  isHold(fact: Fact): boolean;
  /** Undone, or a hold that is not on at the last step: written steps list all that is held. */
  takesAway(move: Transition, fact: Fact): boolean;
}

const held = (contacts: readonly Contact[] | undefined): Fact[] => (contacts ?? []).map(holdFact);
const lastStep = (move: Transition): readonly Contact[] | null => {
  const steps = move.steps ?? [];
  return steps.length > 0 ? steps[steps.length - 1]!.contacts : null;
};

/** The facts of a tree as they act; a typed fact that reads as a hold of known spots ("right hand far lapel") is that hold. */
export const factEffectsOf = perObject((tree: TreeDocument): FactEffects => {
  const canonical = new Map<string, Fact>();
  const holds = new Set<Fact>();
  const factOf = (typed: string): Fact => {
    const known = canonical.get(typed);
    if (known !== undefined) return known;
    const hold = holdOfFact(typed);
    const fact = hold ? holdFact(hold) : typed;
    canonical.set(typed, fact);
    if (hold) holds.add(fact);
    return fact;
  };
  const seen = (contacts: readonly Contact[] | undefined): Fact[] => {
    const facts = held(contacts);
    for (const fact of facts) holds.add(fact);
    return facts;
  };
  const positions = new Map(tree.positions.map((position) => [position.id, position]));
  const given = tree.starts.map((start) => {
    const place = positions.get(start.position);
    return new Set([...(start.facts ?? []).map(factOf), ...seen(place?.holds), ...seen(place?.theirHolds)]);
  });
  const effects = new Map(
    tree.transitions.map((move) => {
      const last = lastStep(move);
      const makes = [...(move.makes ?? []).map(factOf), ...seen(last ?? undefined)];
      return [
        move.id,
        { needs: (move.needs ?? []).map(factOf), makes, undoes: new Set((move.undoes ?? []).map(factOf)), isWritten: last !== null },
      ];
    }),
  );
  return {
    given,
    needsOf: (move) => effects.get(move.id)!.needs,
    makesOf: (move) => effects.get(move.id)!.makes,
    isHold: (fact) => holds.has(fact),
    takesAway: (move, fact) => {
      const { undoes, isWritten, makes } = effects.get(move.id)!;
      return undoes.has(fact) || (isWritten && holds.has(fact) && !makes.includes(fact));
    },
  };
});

/** Holds that a move needs and that are not among mine; listed apart from what blocks it (MODEL §3, blockers). */
export function missingHolds(tree: TreeDocument, move: Transition, mine: ReadonlySet<Fact>): Fact[] {
  const effects = factEffectsOf(tree);
  return effects.needsOf(move).filter((fact) => effects.isHold(fact) && !mine.has(fact));
}
