import type { Mixes } from '../../odds';
import { indexOf, type Position, type TreeDocument } from '../../tree';
import { inHundred } from '../figures';
import { sayChoiceShown, sayOption, WHATEVER } from './odds';

export interface MixLine {
  readonly what: string;
  /** In [0, 1]. */
  readonly chance: number;
  /** "mostly, 70 in 100" */
  readonly often: string;
}

/** How much of the time, beside the figure: from always down to seldom. */
const WORDS = [
  ['always', 0.995],
  ['mostly', 0.6],
  ['about half the time', 0.4],
  ['often', 0.25],
  ['sometimes', 0.1],
] as const;
export const sayOften = (chance: number): string => {
  const word = WORDS.find(([, least]) => chance >= least)?.[0] ?? 'seldom';
  return word === 'always' ? word : `${word}, ${inHundred(chance)}`;
};

/** Less of a mix than this is not worth a line. */
const LISTED = 0.005;
const lines = (list: readonly Omit<MixLine, 'often'>[]): MixLine[] =>
  list
    .filter(({ chance }) => chance >= LISTED)
    .map((line) => ({ ...line, often: sayOften(line.chance) }))
    .toSorted((a, b) => b.chance - a.chance);

/** What I do unread and what he picks freely, most of it first. */
export function mixLines(tree: TreeDocument, position: Position, mixes: Mixes): { mine: MixLine[]; his: MixLine[] } {
  const index = indexOf(tree);
  return {
    mine: lines(mixes.mine.map(({ transition, chance }) => ({ what: sayOption(index, transition), chance }))),
    his: lines(mixes.his.map(({ shown, chance }) => ({ what: shown.length === 0 ? WHATEVER : sayChoiceShown(position, shown), chance }))),
  };
}
