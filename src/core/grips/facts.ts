import { perObject } from '../base';
import { holdFact, holdOfFact } from '../contacts';
import { indexOf, type Contact, type Fact, type Transition, type TreeDocument } from '../tree';

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

const lastStep = (move: Transition): readonly Contact[] | null => {
  const steps = move.steps ?? [];
  return steps.length > 0 ? steps[steps.length - 1]!.contacts : null;
};

/** Facts as they are typed and as they are held: a typed one that reads as a hold of known spots is that hold. */
class FactReader {
  private readonly known = new Map<string, Fact>();
  readonly holds = new Set<Fact>();

  typed(text: string): Fact {
    const known = this.known.get(text);
    if (known !== undefined) return known;
    const hold = holdOfFact(text);
    const fact = hold ? holdFact(hold) : text;
    this.known.set(text, fact);
    if (hold) this.holds.add(fact);
    return fact;
  }
  held(contacts: readonly Contact[] | undefined): Fact[] {
    const facts = (contacts ?? []).map(holdFact);
    for (const fact of facts) this.holds.add(fact);
    return facts;
  }
}

/** The facts of a tree as they act; a typed fact that reads as a hold of known spots ("right hand far lapel") is that hold. */
export const factEffectsOf = perObject((tree: TreeDocument): FactEffects => {
  const read = new FactReader();
  const all = (facts: readonly Fact[] | undefined): Fact[] => (facts ?? []).map((fact) => read.typed(fact));
  const { positions } = indexOf(tree);
  const given = tree.starts.map((start) => {
    const place = positions.get(start.position);
    return new Set([...all(start.facts), ...read.held(place?.holds), ...read.held(place?.theirHolds)]);
  });
  const effects = new Map(
    tree.transitions.map((move) => {
      const last = lastStep(move);
      const makes = [...all(move.makes), ...read.held(last ?? undefined)];
      return [move.id, { needs: all(move.needs), makes, undoes: new Set(all(move.undoes)), isWritten: last !== null }];
    }),
  );
  return {
    given,
    needsOf: (move) => effects.get(move.id)!.needs,
    makesOf: (move) => effects.get(move.id)!.makes,
    isHold: (fact) => read.holds.has(fact),
    takesAway: (move, fact) => {
      const { undoes, isWritten, makes } = effects.get(move.id)!;
      return undoes.has(fact) || (isWritten && read.holds.has(fact) && !makes.includes(fact));
    },
  };
});

/** Holds that a move needs and that are not among mine; listed apart from what blocks it (MODEL §3, blockers). */
export function missingHolds(tree: TreeDocument, move: Transition, mine: ReadonlySet<Fact>): Fact[] {
  const effects = factEffectsOf(tree);
  return effects.needsOf(move).filter((fact) => effects.isHold(fact) && !mine.has(fact));
}
