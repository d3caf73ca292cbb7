import type { Limited } from '../../classes';

/** Who cannot do all of a unit, as a sentence. */
export function sayLimited({ name, how, word }: Limited): string {
  if (how === 'feeds')
    return word === ''
      ? `${name} feeds only: give the work to the partner.`
      : `${name}: no ${word}. Let the partner do this work; feeding is no risk of that kind.`;
  if (how === 'works') return `${name}: no ${word}. Not as the feeder of this one.`;
  return `${name}: no ${word}. Not this one, or only as far as the doctor and the gym allow.`;
}
