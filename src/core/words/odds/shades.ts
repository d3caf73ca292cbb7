import type { Shade, ShadedBy } from '../../odds';

export const SHADED_BY_WORDS: { readonly [K in ShadedBy]: string } = {
  worth: 'by chance of finishing',
  load: 'by what hangs on it',
  origin: 'by what is typed',
};

/** What stands at a rung beside its shade: the shade alone says nothing. */
export function sayShade(by: ShadedBy, { part, value, typed, all }: Shade): string {
  if (by === 'worth') return `${Math.round(value * 100)}`;
  if (by === 'origin') return `${typed}/${all}`;
  if (part < 0.02) return '';
  return part > 0.5 ? 'much' : part > 0.15 ? 'some' : 'little';
}
/** What these words are, for whoever wonders. */
export const SHADED_BY_NOTES: { readonly [K in ShadedBy]: string } = {
  worth: 'of 100 rounds from there, finished',
  load: 'lost without the moves that lead there',
  origin: 'chances typed, of all there',
};
