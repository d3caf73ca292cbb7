import { findValue, indexOf, positionOf, type Midway, type Outcome, type Position, type Transition, type TreeDocument } from '../tree';
import { sayMine, sayShownClause } from './tree';

const nameOf = (tree: TreeDocument, id: string): string => positionOf(indexOf(tree), id).name;

/** "if he pulls out: Lower ankle" */
export function sayOutcome(tree: TreeDocument, from: Position, { ifShown, to }: Outcome): string {
  const shown = ifShown.flatMap((id) => findValue(from, id) ?? []).map(({ read, value }) => sayShownClause(read, value.name));
  return `if ${shown.join(' or ')}: ${nameOf(tree, to)}`;
}

/** "after step 2, if he turns in: I go to the back, then Back, one hook"; with no answer: "… : nothing is said yet". */
export function sayMidway(tree: TreeDocument, { afterStep, reaction, answer, leadsTo }: Midway): string {
  const where = afterStep === undefined ? 'on the way' : `after step ${afterStep}`;
  const his = /^(?:he|his|I|my)\b/i.test(reaction) ? reaction : `he ${reaction}`;
  const done = answer === undefined ? 'nothing is said yet' : /^he\b/i.test(answer) ? answer : sayMine(answer);
  return `${where}, if ${his}: ${done}${leadsTo === undefined ? '' : `, then ${nameOf(tree, leadsTo)}`}`;
}

/** "not if: far; his knee is across my hip" */
export const sayPrevented = ({ preventedBy = [] }: Pick<Transition, 'preventedBy'>): string | null =>
  preventedBy.length === 0 ? null : `not if: ${preventedBy.join('; ')}`;
