import type { Explained, Term } from '../../odds';
import { indexOf, positionOf, type TreeDocument } from '../../tree';
import { clock, inHundred } from '../figures';
import { sayMove } from '../tree';

export interface TermLine {
  /** "it works: Body lock" */
  readonly what: string;
  /** "45 of 100 times, worth 38 then: 17.1" */
  readonly sum: string;
}

function sayTerm(tree: TreeDocument, { happened, unforeseen, to }: Term): string {
  const index = indexOf(tree);
  const where = to === null ? '' : positionOf(index, to).name;
  const before = unforeseen ? 'something not drawn comes, ' : '';
  if (happened.how === 'worked') return `${before}it works: ${where}`;
  if (happened.how === 'failedTo') return `${before}it fails: ${where}`;
  if (happened.how === 'fell') return `${sayMove(index.transitions.get(happened.transition)!)}: ${where}`;
  if (happened.how === 'turned') return `${before}he turns it`;
  return happened.how === 'recovered' ? `${before}he gets his guard back: ${where}` : `${before}nothing changes`;
}

/** How a figure comes about, one line for each way it can go; what brings most first. */
export const explainedLines = (tree: TreeDocument, { terms }: Explained): TermLine[] =>
  terms.map((term) => {
    const [times, worth, brings] = [term.chance, term.worth, term.chance * term.worth].map((part) => part * 100) as [
      number,
      number,
      number,
    ];
    return { what: sayTerm(tree, term), sum: `${times.toFixed(1)} of 100 times, worth ${worth.toFixed(0)}: ${brings.toFixed(1)}` };
  });

/** "together 31.6, that is 32 in 100, with 4:40 left then" */
export const sayTogether = ({ total, seconds }: Explained, roundSeconds: number): string =>
  `Together ${(total * 100).toFixed(1)}: ${inHundred(total)}; ${clock(Math.max(0, roundSeconds - seconds))} is left then.`;
