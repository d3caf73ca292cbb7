import type { TreeDocument } from '../tree';
import { plural } from './figures';
import { NOTHING_SPECIAL } from './odds/odds';

/** A value of his without an answer. */
export const NO_ANSWER = 'no answer yet';

export interface DrawnPosition {
  readonly name: string;
  /** How it ends, or how high it lies. */
  readonly height: string;
  readonly shows: number;
  readonly unanswered: readonly string[];
  /** Further places that are not drawn apart. */
  readonly folded: number;
}
/** What a drawn place says to a screen reader: name, height, what he shows and what is missing. */
export function sayDrawnPlace({ name, height, shows, unanswered, folded }: DrawnPosition): string {
  return [
    name,
    height,
    `${plural(shows, 'thing')} he shows`,
    ...(unanswered.length > 0 ? [`${NO_ANSWER} to: ${unanswered.join(', ')}`] : []),
    ...(folded > 0 ? [`and ${plural(folded, 'more position')} folded here`] : []),
  ].join('; ');
}
export const sayOutOfReach = (name: string): string => `${name}; out of reach under this filter`;

/** One thing that he shows, as what is pressed to answer it. */
export const saySection = (name: string, broken: boolean): string =>
  broken ? `${name}: ${NO_ANSWER}, answer it` : `${name || NOTHING_SPECIAL}: add another answer`;

/** A drawn answer: what I do, where it lands, and why not now. */
export const sayDrawnAnswer = (words: string, landing: string, shut: string): string =>
  `${words}, lands on ${landing}${shut === '' ? '' : `; ${shut}`}`;

/** "About 10 ways on in all, 3 drawn": what the coach says there is, beside what is drawn. */
export const sayWaysInAll = (inAll: number, drawn: number): string => `About ${plural(inAll, 'way')} on in all, ${drawn} drawn`;

/** What the finding list counts, in the head of the board. */
export function sayOpenCount(isSwapped: boolean, count: number | null): string {
  if (isSwapped) return `${count ?? '…'} unstopped`;
  return count === null ? 'broken rungs …' : plural(count, 'broken rung');
}

/** Over what is shown at a place: from the other side it is what I do. */
export const sayShowsTitle = ({ isSwapped }: Pick<TreeDocument, 'isSwapped'>): string =>
  isSwapped ? 'What I do, and what he does' : 'He shows, I answer';
