import { swapTree } from './swap';
import type { Fact, TreeDocument } from '../tree';
import { holdOfFact } from '../contacts';

/** A fact that is a hold, of the other athlete: "left hand far hip" as "his left hand far hip". */
function otherFact(fact: Fact): Fact {
  if (!holdOfFact(fact)) return fact;
  return fact.startsWith('his ') ? fact.slice(4) : `his ${fact.replace(/^my /, '')}`;
}
const FACTS = ['needs', 'makes', 'undoes', 'facts'] as const;

function withOtherFacts<T extends Partial<Record<(typeof FACTS)[number], readonly Fact[]>>>(record: T): T {
  const turned = FACTS.flatMap((key) => {
    const facts = record[key];
    return facts ? [[key, facts.map(otherFact)] as const] : [];
  });
  return { ...record, ...Object.fromEntries(turned) };
}

/** The defender's view (MODEL §3, swap) with the facts that are holds: what I needed to hold is now his. Twice = the original. */
export function swapAthletes(tree: TreeDocument): TreeDocument {
  const swapped = swapTree(tree);
  return { ...swapped, starts: swapped.starts.map(withOtherFacts), transitions: swapped.transitions.map(withOtherFacts) };
}
