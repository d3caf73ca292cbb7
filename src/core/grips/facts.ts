import { perObject } from '../base';
import { holdFact, holdOfFact } from '../contacts';
import { indexOf, type Contact, type Fact, type Transition, type TreeDocument } from '../tree';

/** What the facts of a tree do, holds of the steps among them. */
export interface FactEffects {
  /** For each of the tree's starts, what is given there: its facts, and what the position declares to be held. */
  readonly given: readonly ReadonlySet<Fact>[];
  needsOf(transition: Transition): readonly Fact[];
  /** Declared, and what is held at the last step. */
  makesOf(transition: Transition): readonly Fact[];
  /** The fact is a hold, not a word of the coach's own. */
  isHold(fact: Fact): boolean;
  /** Undone, or a hold that is not on at the last step: written steps list all that is held. */
  takesAway(transition: Transition, fact: Fact): boolean;
}

const lastStep = (transition: Transition): readonly Contact[] | null => {
  const steps = transition.steps ?? [];
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
    const position = positions.get(start.position);
    return new Set([...all(start.facts), ...read.held(position?.holds), ...read.held(position?.theirHolds)]);
  });
  const effects = new Map(
    tree.transitions.map((transition) => {
      const last = lastStep(transition);
      const makes = [...all(transition.makes), ...read.held(last ?? undefined)];
      return [transition.id, { needs: all(transition.needs), makes, undoes: new Set(all(transition.undoes)), isWritten: last !== null }];
    }),
  );
  return {
    given,
    needsOf: (transition) => effects.get(transition.id)!.needs,
    makesOf: (transition) => effects.get(transition.id)!.makes,
    isHold: (fact) => read.holds.has(fact),
    takesAway: (transition, fact) => {
      const { undoes, isWritten, makes } = effects.get(transition.id)!;
      return undoes.has(fact) || (isWritten && read.holds.has(fact) && !makes.includes(fact));
    },
  };
});

/** Holds that a move needs and that are not among mine; listed apart from what blocks it (MODEL §3, blockers). */
export function missingHolds(tree: TreeDocument, transition: Transition, mine: ReadonlySet<Fact>): Fact[] {
  const effects = factEffectsOf(tree);
  return effects.needsOf(transition).filter((fact) => effects.isHold(fact) && !mine.has(fact));
}
