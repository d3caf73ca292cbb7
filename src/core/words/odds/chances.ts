import { type Read, sharesOf } from '../../tree';
import { inHundred } from '../figures';

/** The words a share can be typed in, with the chance they stand for. */
export const SHARE_CHOICES = [
  ['rarely', 0.05],
  ['sometimes', 0.15],
  ['often', 0.35],
  ['mostly', 0.6],
] as const;
/** And the chance that an answer works. */
export const WORKS_CHOICES = [
  ['hardly', 0.25],
  ['half', 0.5],
  ['mostly', 0.75],
] as const;

/** And where it does not fit, or is stopped: less, and never nothing. */
export const OFF_CHOICES = [
  ['almost never', 0.05],
  ['hardly', 0.15],
  ['sometimes', 0.3],
  ['half', 0.5],
] as const;

/** The word that is nearest to a typed chance: what was typed as a word comes back as that word, however the figures share out. */
const shareWord = (typed: number): string =>
  SHARE_CHOICES.reduce((best, choice) => (Math.abs(choice[1] - typed) < Math.abs(best[1] - typed) ? choice : best))[0];

/** "often, 35 in 100" with where the figure comes from. */
export function shareText(read: Read, valueId: string): string {
  const value = read.values.find((item) => item.id === valueId);
  const share = sharesOf(read).find((item) => item.value === valueId)?.share ?? 0;
  // Nothing special takes what the others leave; the first one, where several say it.
  const isRest = read.kind === 'reaction' && !read.closed && value === read.values.find(({ kind }) => kind === 'none');
  if (value?.share === undefined) return `${inHundred(share)}, ${isRest ? 'the rest' : EQUAL_PART}`;
  return `${shareWord(value.share)}, ${inHundred(share)}`;
}

/** The same where several reads stand side by side: what is not his reaction says which read it belongs to. */
export function shareBeside(read: Read, valueId: string): string {
  if (read.kind === 'reaction') return shareText(read, valueId);
  const share = sharesOf(read).find((item) => item.value === valueId)?.share ?? 0;
  return `${read.name}, ${inHundred(share)}`;
}

/** What counts while nothing is said. */
export const sayByDefault = (chance: number): string => `${inHundred(chance)} by default`;
export const EQUAL_PART = 'an equal part';
