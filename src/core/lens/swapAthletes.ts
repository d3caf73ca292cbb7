import { otherPosition, otherTransition, swappedBy } from './swap';
import { fieldContent, type Fact, type Transition, type TreeDocument } from '../tree';
import { holdOfFact } from '../contacts';

/** A fact that is a hold, of the other athlete: "left hand far hip" as "his left hand far hip". */
function otherFact(fact: Fact): Fact {
  if (!holdOfFact(fact)) return fact;
  return fact.startsWith('his ') ? fact.slice(4) : `his ${fact.replace(/^my /, '')}`;
}
/** The record with every list of facts in it told of the other athlete. */
function withOtherFacts<T extends object>(record: T): T {
  const turned = Object.entries(record).flatMap(([name, value]) =>
    fieldContent(name) === 'fact' ? [[name, (value as readonly Fact[] | undefined)?.map(otherFact)] as const] : [],
  );
  return turned.length > 0 ? { ...record, ...Object.fromEntries(turned) } : record;
}

/** A move with the athletes and its facts that are holds exchanged. */
export const swapMove = (transition: Transition): Transition => withOtherFacts(otherTransition(transition));

/** The defender's view (MODEL §3, swap) with the facts that are holds: what I needed to hold is now his. Twice = the original. */
export const swapAthletes = (tree: TreeDocument): TreeDocument => withStartFacts(swappedBy(tree, otherPosition, swapMove));

export const withStartFacts = (swapped: TreeDocument): TreeDocument => ({ ...swapped, starts: swapped.starts.map(withOtherFacts) });
