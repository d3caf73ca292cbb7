import type { Limited } from '../../classes';

/** Who cannot do all of a unit, as a sentence. */
export const sayLimited = ({ name, how, word }: Limited): string =>
  how === 'feeds'
    ? `${name} feeds only: give the work to the partner.`
    : `${name}: no ${word}. Not this one, or only as far as the doctor and the gym allow.`;
