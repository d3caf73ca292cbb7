import { contactKey, fitsPattern, holdFact, holdOfFact } from '../contacts';
import { indexOf, positionOf, type Contact, type PositionId, type Transition, type TransitionId, type TreeDocument } from '../tree';
import { findCertainFacts } from './certainFacts';

/** One of his moves that my grips stop or let him have, all of a set being on. */
export interface ShutByMine {
  readonly transition: TransitionId;
  /**
   * `shut`: I hold all of it whichever way I came; `whileKept`: I am said to hold it, and some way does not bring it; `given`: he
   * has it by what I hold; `notYet`: he would need a hold of mine that is not said to be on.
   */
  readonly status: 'shut' | 'whileKept' | 'given' | 'notYet';
  /** What of mine has to stay on; of `given` what lets him, of `notYet` what would. */
  readonly holds: readonly Contact[];
}

/** What of these holds makes a set whole, each pattern met by one of them; null = it is not whole. */
function wholeBy(set: readonly Contact[], held: readonly Contact[]): Contact[] | null {
  if (set.length === 0) return null;
  const found = set.map((pattern) => held.find((contact) => fitsPattern(contact, pattern)));
  return found.every((contact) => contact !== undefined) ? found : null;
}

const each = (contacts: readonly Contact[]): Contact[] => [...new Map(contacts.map((contact) => [contactKey(contact), contact])).values()];
const shuttingSets = ({ actor, blockedBy }: Transition): readonly (readonly Contact[])[] => (actor === 'opponent' ? (blockedBy ?? []) : []);

const openingSets = ({ actor, enabledBy }: Transition): readonly (readonly Contact[])[] =>
  actor === 'opponent' ? (enabledBy ?? []).filter((set) => set.length > 0) : [];

/** The first of the sets that is whole, as it is held. */
const firstWhole = (sets: readonly (readonly Contact[])[], held: readonly Contact[]): Contact[] | undefined =>
  sets.flatMap((set) => {
    const found = wholeBy(set, held);
    return found ? [found] : [];
  })[0];

/** What I hold at a place: for certain (MODEL §3), and with what the place says besides. */
function heldAt(tree: TreeDocument, at: PositionId): { readonly sure: readonly Contact[]; readonly said: readonly Contact[] } {
  const facts = [...(findCertainFacts(tree).certain.get(at) ?? [])];
  const sure = facts.flatMap((fact) => holdOfFact(fact) ?? []).filter((contact) => contact.athlete === 'owner');
  return { sure, said: each([...sure, ...(positionOf(indexOf(tree), at).holds ?? [])]) };
}

/** His moves out of a place that my grips shut or open, in document order (MODEL §3, "his blocked by mine"). */
export function shutByMine(tree: TreeDocument, at: PositionId): ShutByMine[] {
  const his = (indexOf(tree).from.get(at) ?? []).filter(
    (transition) => shuttingSets(transition).length + openingSets(transition).length > 0,
  );
  if (his.length === 0) return [];
  const { sure, said } = heldAt(tree, at);
  return his.flatMap((transition): ShutByMine[] => {
    const of = (status: ShutByMine['status'], holds: readonly Contact[]) => [{ transition: transition.id, status, holds }];
    const certain = firstWhole(shuttingSets(transition), sure);
    if (certain) return of('shut', certain);
    const possible = firstWhole(shuttingSets(transition), said);
    if (possible) return of('whileKept', possible);
    const [wanted] = openingSets(transition);
    if (!wanted) return [];
    const given = firstWhole(openingSets(transition), said);
    return given ? of('given', given) : of('notYet', wanted);
  });
}

/** What letting go of each of my holds at a place lets in: his moves that nothing else of mine shuts. */
export function lettingGoLetsIn(tree: TreeDocument, at: PositionId): { readonly hold: string; readonly lets: readonly TransitionId[] }[] {
  const named = (indexOf(tree).from.get(at) ?? []).filter((transition) => shuttingSets(transition).length > 0);
  if (named.length === 0) return [];
  const { said } = heldAt(tree, at);
  const his = named.filter((transition) => shuttingSets(transition).some((set) => wholeBy(set, said)));
  return said.flatMap((contact) => {
    const rest = said.filter((other) => other !== contact);
    const lets = his.filter((transition) => !shuttingSets(transition).some((set) => wholeBy(set, rest))).map(({ id }) => id);
    return lets.length > 0 ? [{ hold: holdFact(contact), lets }] : [];
  });
}
