import { sayContact, sayTarget } from '../contacts';
import { isCloth, servesInstead } from '../lens';
import type { Contact, Position } from '../tree';
import { DISTANCE_WORDS, STANCE_WORDS } from '../words';
import { isSign, saySign } from './signs';

/** How one tells a place: how the legs lie, how far he is, what is seen, what he usually holds, and what of that is cloth. */
export interface Recognition {
  readonly legs: string | null;
  /** "standing, close" */
  readonly stands: string | null;
  readonly seen: readonly string[];
  readonly holds: readonly string[];
  /** "his left hand near sleeve cuff: without the cloth near wrist" */
  readonly cloth: readonly string[];
}

function sayBare(contact: Contact): string {
  const instead = servesInstead(contact);
  return `${sayContact(contact)}: without the cloth ${instead ? sayTarget({ ...contact, target: instead }) : 'nothing of it'}`;
}

/** The recognition card of a place; nothing that is not said stands on it. */
export function recognise({ legRelation, stance, distance, signs = [], theirHolds = [] }: Position): Recognition {
  const stands = [...(stance ? [STANCE_WORDS[stance]] : []), ...(distance ? [DISTANCE_WORDS[distance]] : [])];
  return {
    legs: legRelation ?? null,
    stands: stands.length > 0 ? stands.join(', ') : null,
    seen: signs.filter(isSign).map(saySign),
    holds: theirHolds.map(sayContact),
    cloth: theirHolds.filter(({ target }) => isCloth(target)).map(sayBare),
  };
}
