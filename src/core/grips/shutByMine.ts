import { contactKey, fitsPattern, holdFact, holdOfFact } from '../contacts';
import { indexOf, positionOf, type Contact, type PositionId, type Transition, type TransitionId, type TreeDocument } from '../tree';
import { findCertainFacts } from './certainFacts';

/** One of his moves that my grips stop, all of a set being on. */
export interface ShutByMine {
  readonly transition: TransitionId;
  /** `shut`: I hold all of it whichever way I came; `whileKept`: I am said to hold it, and some way does not bring it. */
  readonly status: 'shut' | 'whileKept';
  /** What of mine has to stay on. */
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

/** What I hold at a place: for certain (MODEL §3), and with what the place says besides. */
function heldAt(tree: TreeDocument, at: PositionId): { readonly sure: readonly Contact[]; readonly said: readonly Contact[] } {
  const facts = [...(findCertainFacts(tree).certain.get(at) ?? [])];
  const sure = facts.flatMap((fact) => holdOfFact(fact) ?? []).filter((contact) => contact.athlete === 'owner');
  return { sure, said: each([...sure, ...(positionOf(indexOf(tree), at).holds ?? [])]) };
}

/** His moves out of a place that my grips shut, in document order (MODEL §3, "his blocked by mine"). */
export function shutByMine(tree: TreeDocument, at: PositionId): ShutByMine[] {
  const his = (indexOf(tree).from.get(at) ?? []).filter((transition) => shuttingSets(transition).length > 0);
  if (his.length === 0) return [];
  const { sure, said } = heldAt(tree, at);
  return his.flatMap((transition): ShutByMine[] => {
    const whole = (held: readonly Contact[]): Contact[] | undefined =>
      shuttingSets(transition).flatMap((set) => {
        const found = wholeBy(set, held);
        return found ? [found] : [];
      })[0];
    const certain = whole(sure);
    if (certain) return [{ transition: transition.id, status: 'shut', holds: certain }];
    const possible = whole(said);
    return possible ? [{ transition: transition.id, status: 'whileKept', holds: possible }] : [];
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
